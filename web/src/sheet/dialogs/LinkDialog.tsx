import { useEffect, useState } from 'react'
import type { Asset } from '../../shared/api/types'
import { useForm } from '../../shared/form/useForm'
import { openText } from '../../shared/store/openText'
import { BringInButton } from '../../shared/ui/BringInButton'
import { Button } from '../../shared/ui/Button'
import { type Choice, Combobox } from '../../shared/ui/Combobox'
import { ComingList } from '../../shared/ui/ComingList'
import { Input } from '../../shared/ui/Field'
import { FormDialog } from '../../shared/ui/FormDialog'
import { insertBlock } from '../commands/blocks'
import { markRange } from '../commands/marks'
import { addressOf, judgeAddress, looksLikeAddress, useLinkChoices } from '../links/targets'
import { schema } from '../model/schema'
import { useSheet } from '../state/context'

/** Whether a choice is called as somebody typed; what has the words in its text only is no match to be taken unseen. */
function named(choice: Choice | undefined, given: string): boolean {
  return !!choice?.label.toLowerCase().includes(given.trim().replace(/^#/, '').toLowerCase())
}

function itemChoice(address: string, title: string): Choice {
  return {
    id: `item:${address.slice('../items/'.length).replace(/\.html.*/, '')}`,
    label: title,
    about: 'item of this site',
  }
}

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
  const form = useForm(`link${asButton ? '-button' : ''}:${openText()?.key}`, {
    stored: {
      // Another link, or one of other words, is another form.
      of: bare ? '' : sheet.state.doc.textBetween(start.from, start.to),
      given: (start.attrs?.href ?? '') as string,
      text: '',
      title: (start.attrs?.title ?? '') as string,
      newTab: (start.attrs?.newTab ?? false) as boolean,
      chosen: null as Choice | null,
    },
    send: async (typed) => {
      const judged = await judgeAddress(typed.given)
      if (judged.problem) throw new Error(judged.problem)
      const called = typed.chosen?.label || judged.title
      if (asButton) {
        const label = typed.text.trim() || called || judged.address
        const attrs = { href: judged.address, title: typed.title.trim(), newTab: typed.newTab, label }
        sheet.run(insertBlock(schema.node('button_link', attrs)))
      } else apply(judged.address, called)
    },
    done: onClose,
  })
  const { set } = form
  const { given, text, title, newTab } = form.value
  // What a link led to before the dialog was opened is not asked for again as soon as somebody types.
  const [leads, setLeads] = useState<Choice | null>(null)
  const chosen = form.value.chosen ?? (given === start.attrs?.href ? leads : null)
  const choices = useLinkChoices(chosen ? '' : given, sheet.state.doc)

  // A link that leads to an item of the site says which.
  useEffect(() => {
    if (!start.attrs?.href?.startsWith('../items/')) return
    judgeAddress(start.attrs.href).then(({ address, title: named }) => {
      if (named) setLeads(itemChoice(address, named))
    })
  }, [])

  async function pick(choice: Choice) {
    set({ given: await addressOf(choice, sheet), chosen: choice })
  }

  /** Links to a file that was just brought in: a marked word at once. */
  function link(asset: Asset) {
    const href = `../assets/${asset.name}`
    if (bare) {
      set({ given: href, chosen: { id: `asset:${asset.name}`, label: asset.title, about: 'asset' } })
      return
    }
    apply(href)
    form.drop()
    onClose()
  }

  function apply(href: string, called = chosen?.label) {
    const mark = schema.mark('link', { href, title: title.trim(), newTab })
    sheet.run((state, dispatch) => {
      const tr = state.tr
      if (bare) {
        const words = text.trim() || called || href.replace(/^(mailto|tel):/, '')
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
    form.drop()
    onClose()
  }

  return (
    <FormDialog
      title={asButton ? 'Button link' : start.attrs ? 'Link' : 'New link'}
      does={asButton ? 'Put it in' : start.attrs ? 'Change the link' : 'Link'}
      form={form}
      quiet
      onClose={onClose}
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
        // What was picked is shown by its name, and changed by typing another.
        value={chosen ? chosen.label : given}
        takesFirst={!looksLikeAddress(given) && named(choices[0], given)}
        onChange={(v) => set({ given: v, chosen: null })}
        choices={choices}
        onPick={pick}
        problem={form.problem}
        autoFocus
      />
      <div>
        <BringInButton onAdded={link}>Bring a file in and link to it</BringInButton>
      </div>
      <ComingList own />
      {bare && (
        <Input
          label={asButton ? 'Words on the button' : 'Words of the link'}
          hint="They should make sense by themselves. Left empty, the name or the address is shown."
          value={text}
          onChange={(e) => set({ text: e.target.value })}
        />
      )}
      <Input
        label="Title"
        hint="A few more words on where it goes; can stay empty."
        value={title}
        onChange={(e) => set({ title: e.target.value })}
      />
      <label className="flex items-center gap-2">
        <input type="checkbox" checked={newTab} onChange={(e) => set({ newTab: e.target.checked })} />
        Opens a new tab, and says so
      </label>
    </FormDialog>
  )
}
