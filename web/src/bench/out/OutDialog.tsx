import { useState } from 'react'
import { answer, client } from '../../shared/api/client'
import type { OutForm } from '../../shared/api/types'
import { useOpenNew } from '../../shared/store/newItem'
import { Button } from '../../shared/ui/Button'
import { Dialog, DialogButtons } from '../../shared/ui/Dialog'
import { copyOut, forms, printItem, saveOut } from './forms'

interface Props {
  item: string
  /** Makes sure the server has the text as it stands. */
  flush: () => Promise<boolean>
  onClose: () => void
}

/** Takes a text out: to the clipboard, to a file, to paper, or to another item. */
export function OutDialog({ item, flush, onClose }: Props) {
  const [told, setTold] = useState('')
  const openNew = useOpenNew()

  async function act(work: () => Promise<unknown>, done: string) {
    setTold('')
    if (!(await flush())) return setTold('The text could not be sent to the server first, so nothing was taken out.')
    try {
      await work()
      setTold(done)
    } catch (error) {
      setTold((error as Error).message)
    }
  }

  const copy = (form: OutForm, name: string) => act(() => copyOut(item, form), `${name}: copied.`)
  const keep = (form: OutForm, name: string) =>
    act(async () => saveOut(item, form), `${name}: on its way to your downloads.`)

  async function duplicate() {
    await act(async () => {
      const made = await answer(client.POST('/editor/api/items/{key}/copy', { params: { path: { key: item } } }))
      onClose()
      openNew(made.state.key)
    }, '')
  }

  return (
    <Dialog
      open
      onClose={onClose}
      title="Take out"
      about="The text as it stands now, also before it goes live. Prompts stay behind."
    >
      <ul className="grid">
        {forms.map((f) => (
          <li key={f.form} className="flex items-center gap-2 border-line border-b py-1.5">
            <p className="min-w-0 flex-1">
              <b>{f.name}</b>
              <span className="block text-small text-soft">{f.about}</span>
            </p>
            {f.copies && (
              <Button aria-label={`Copy: ${f.name}`} onClick={() => copy(f.form, f.name)}>
                Copy
              </Button>
            )}
            {f.saves && (
              <Button aria-label={`Download: ${f.name}`} onClick={() => keep(f.form, f.name)}>
                Download
              </Button>
            )}
          </li>
        ))}
        <li className="flex items-center gap-2 border-line border-b py-1.5">
          <p className="min-w-0 flex-1">
            <b>Print</b>
            <span className="block text-small text-soft">
              The page on paper; your browser can also make a PDF of it.
            </span>
          </p>
          <Button onClick={() => act(async () => printItem(item), 'Your browser asks how to print it.')}>Print</Button>
        </li>
        <li className="flex items-center gap-2 py-1.5">
          <p className="min-w-0 flex-1">
            <b>Another item</b>
            <span className="block text-small text-soft">
              A copy with all that is written in this one, as a draft of yours.
            </span>
          </p>
          <Button onClick={duplicate}>Save as a copy</Button>
        </li>
      </ul>
      <p role="status" className="mt-2 min-h-5">
        {told}
      </p>
      <DialogButtons>
        <Button onClick={onClose}>Close</Button>
      </DialogButtons>
    </Dialog>
  )
}
