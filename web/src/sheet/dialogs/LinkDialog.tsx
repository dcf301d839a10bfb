import { useState } from 'react'
import type { Asset } from '../../shared/api/types'
import { BringInButton } from '../../shared/ui/BringInButton'
import { Button } from '../../shared/ui/Button'
import { type Choice, Combobox } from '../../shared/ui/Combobox'
import { ComingList } from '../../shared/ui/ComingList'
import { Input } from '../../shared/ui/Field'
import { FormDialog } from '../../shared/ui/FormDialog'
import { insertBlock } from '../commands/blocks'
import { markRange } from '../commands/marks'
import { addressOf, judgeAddress, useLinkChoices } from '../links/targets'
import { schema } from '../model/schema'
import { useSheet } from '../state/context'

/** Makes a link of the selection, changes the one at the cursor, or takes it off; or makes a button. */
export function LinkDialog({ onClose, asButton }: { onClose: () => void; asButton?: boolean }) {
  const sheet = useSheet()
  const [start] = useState(() => {
    const { selection } = sheet.state
    const link = asButton ? null : markRange(sheet.state, schema.marks.link)
    const range = link && selection.empty ? link : selection
    return { from: range.from, to: range.to, attrs: link?.attrs }
  })
  const bare = asButton || start.from === start.to
  const [text, setText] = useState('')
  const [given, setGiven] = useState<string>(start.attrs?.href ?? '')
  const [chosen, setChosen] = useState<Choice | null>(null)
  const [title, setTitle] = useState<string>(start.attrs?.title ?? '')
  const [newTab, setNewTab] = useState<boolean>(start.attrs?.newTab ?? false)
  const [problem, setProblem] = useState('')
  const choices = useLinkChoices(chosen ? '' : given, sheet.state.doc)

  async function pick(choice: Choice) {
    setProblem('')
    setGiven(await addressOf(choice, sheet))
    setChosen(choice)
  }

  /** Links to a file that was just brought in: a marked word at once. */
  function link(asset: Asset) {
    const href = `../assets/${asset.name}`
    if (bare) {
      setGiven(href)
      setChosen({ id: `asset:${asset.name}`, label: asset.title, about: 'asset' })
      return
    }
    apply(href)
    onClose()
  }

  async function submit() {
    setProblem('')
    try {
      const judged = await judgeAddress(given)
      if (judged.problem) return setProblem(judged.problem)
      if (asButton) {
        const label = text.trim() || chosen?.label || judged.address
        sheet.run(insertBlock(schema.node('button_link', { href: judged.address, title: title.trim(), newTab, label })))
      } else apply(judged.address)
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
        const words = text.trim() || chosen?.label || href.replace(/^(mailto|tel):/, '')
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
    <FormDialog
      title={asButton ? 'Button link' : start.attrs ? 'Link' : 'New link'}
      does={asButton ? 'Put it in' : start.attrs ? 'Change the link' : 'Link'}
      onClose={onClose}
      onSubmit={submit}
      more={
        start.attrs && (
          <Button look="quiet" className="mr-auto" onClick={remove}>
            Remove the link
          </Button>
        )
      }
    >
      <Combobox
        label="Address"
        hint={
          chosen
            ? `Leads to “${chosen.label}” (${chosen.about}).`
            : 'A web page, a mail address, a telephone number, or a few letters of an item, an asset, or a heading here.'
        }
        value={given}
        onChange={(v) => {
          setGiven(v)
          setChosen(null)
          setProblem('')
        }}
        choices={choices}
        onPick={pick}
        problem={problem}
        autoFocus
      />
      <div>
        <BringInButton onAdded={link}>Bring a file in and link to it</BringInButton>
      </div>
      <ComingList />
      {bare && (
        <Input
          label={asButton ? 'Words on the button' : 'Words of the link'}
          hint="They should make sense by themselves. Left empty, the name or the address is shown."
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
      )}
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
    </FormDialog>
  )
}
