import { type FormEvent, useState } from 'react'
import { api } from '../../api/client'
import { Button } from '../../ui/Button'
import { Dialog, DialogButtons } from '../../ui/Dialog'
import { Input } from '../../ui/Field'
import { useBench } from '../context'
import { markRange } from './commands'
import { schema } from './schema'

/** Makes a link of the selection, changes the one at the cursor, or takes it off. */
export function LinkDialog({ onClose }: { onClose: () => void }) {
  const { sheet } = useBench()
  const [start] = useState(() => {
    const { selection } = sheet.state
    const link = markRange(sheet.state, schema.marks.link)
    const range = link && selection.empty ? link : selection
    return { from: range.from, to: range.to, attrs: link?.attrs }
  })
  const bare = start.from === start.to
  const [text, setText] = useState('')
  const [given, setGiven] = useState<string>(start.attrs?.href ?? '')
  const [title, setTitle] = useState<string>(start.attrs?.title ?? '')
  const [newTab, setNewTab] = useState<boolean>(start.attrs?.newTab ?? false)
  const [problem, setProblem] = useState('')

  async function submit(e: FormEvent) {
    e.preventDefault()
    e.stopPropagation()
    setProblem('')
    try {
      const judged = await api.get<{ address: string; problem: string }>(`/address?given=${encodeURIComponent(given)}`)
      if (judged.problem) return setProblem(judged.problem)
      apply(judged.address)
      onClose()
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  function apply(href: string) {
    const mark = schema.mark('link', { href, title: title.trim(), newTab })
    sheet.run((state, dispatch) => {
      const tr = state.tr
      if (bare) {
        const words = text.trim() || href.replace(/^(mailto|tel):/, '')
        tr.insert(start.from, schema.text(words, mark.addToSet(state.selection.$from.marks())))
      } else {
        tr.removeMark(start.from, start.to, schema.marks.link).addMark(start.from, start.to, mark)
      }
      dispatch?.(tr.removeStoredMark(schema.marks.link))
      return true
    })
  }

  function remove() {
    sheet.run((state, dispatch) => {
      dispatch?.(state.tr.removeMark(start.from, start.to, schema.marks.link))
      return true
    })
    onClose()
  }

  return (
    <Dialog open onClose={onClose} title={start.attrs ? 'Link' : 'New link'}>
      <form onSubmit={submit} className="grid gap-4">
        {bare && (
          <Input
            label="Words of the link"
            hint="They should make sense by themselves. Left empty, the address is shown."
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        )}
        <Input
          label="Address"
          hint="A web page, a mail address, a telephone number, or a place on this page as #name."
          value={given}
          onChange={(e) => setGiven(e.target.value)}
          problem={problem}
          autoComplete="off"
          autoFocus
        />
        <Input
          label="Title"
          hint="A few more words on where it goes; can stay empty."
          value={title}
          onChange={(e) => setTitle(e.target.value)}
        />
        <label className="flex items-center gap-2">
          <input type="checkbox" checked={newTab} onChange={(e) => setNewTab(e.target.checked)} />
          Opens a new tab, and says so
        </label>
        <DialogButtons>
          {start.attrs && (
            <Button look="quiet" className="mr-auto" onClick={remove}>
              Remove the link
            </Button>
          )}
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit">
            {start.attrs ? 'Change the link' : 'Link'}
          </Button>
        </DialogButtons>
      </form>
    </Dialog>
  )
}
