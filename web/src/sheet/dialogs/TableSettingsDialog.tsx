import { useState } from 'react'
import { useForm } from '../../shared/form/useForm'
import { openText } from '../../shared/store/openText'
import { FieldFrame, fieldBox, Input, Select } from '../../shared/ui/Field'
import { FormDialog } from '../../shared/ui/FormDialog'
import { captionTable, describeTable, setTable, setWidths, tableAt, widthsByNumber, widthsOf } from '../commands/tables'
import { useSheet } from '../state/context'

/** How the table around the cursor looks, how wide its columns are, and what it shows in words. */
export function TableSettingsDialog({ onClose }: { onClose: () => void }) {
  const sheet = useSheet()
  const [found] = useState(() => tableAt(sheet.state))
  const [start] = useState(() => ({
    now: {
      ...found?.block.attrs,
      caption: found?.block.child(0).textContent ?? '',
      description: found?.block.child(1).textContent ?? '',
    } as Record<string, string>,
    widths: widthsOf(sheet.state).join(' '),
  }))
  const form = useForm(`table-settings:${openText()?.key}`, {
    stored: start,
    send: () => submit(),
    done: onClose,
  })
  const { now, widths } = form.value
  if (!found) return null
  const count = found.grid.firstChild?.children.reduce((n, c) => n + c.attrs.colspan, 0) ?? 0
  const numbers = widths
    .split(/[^\d.]+/)
    .filter(Boolean)
    .map(Number)
  const wrong =
    numbers.length && (numbers.length !== count || numbers.some((n) => n <= 0))
      ? `This table has ${count} columns. Give ${count} numbers, or none.`
      : ''
  const set = (name: string) => (e: { target: { value: string } }) =>
    form.set({ now: { ...now, [name]: e.target.value } })

  function submit() {
    const { caption, description, ...look } = now
    sheet.run(setTable(look))
    sheet.run(captionTable(caption.replace(/\s+/g, ' ').trim()))
    sheet.run(describeTable(description.replace(/\s+/g, ' ').trim()))
    sheet.run((state, dispatch, view) => {
      if (numbers.length) return widthsByNumber(numbers)(state, dispatch, view)
      const table = tableAt(state)
      if (table) dispatch?.(setWidths(state.tr, table.gridPos, []))
      return true
    })
  }

  return (
    <FormDialog title="Table settings" does="Set it" blocked={wrong} form={form} onClose={onClose}>
      <Input
        label="Caption"
        hint="What the table shows, in a few words."
        value={now.caption}
        onChange={set('caption')}
      />
      <FieldFrame
        label="Description"
        hint="The longer account for people who cannot see the table; it stands below the caption."
      >
        {({ id, describedBy }) => (
          <textarea
            id={id}
            rows={2}
            aria-describedby={describedBy}
            value={now.description}
            onChange={set('description')}
            className={`${fieldBox} py-1.5`}
          />
        )}
      </FieldFrame>
      <div className="grid grid-cols-3 gap-4">
        <Select label="Borders" value={now.borders} onChange={set('borders')}>
          <option value="">Hairlines</option>
          <option value="borders-none">None</option>
          <option value="borders-all">All</option>
        </Select>
        <Select label="Padding" value={now.padding} onChange={set('padding')}>
          <option value="">Plain</option>
          <option value="padding-tight">Tight</option>
          <option value="padding-roomy">Roomy</option>
        </Select>
        <Select label="Place" value={now.side} onChange={set('side')}>
          <option value="">In the text</option>
          <option value="left">Left</option>
          <option value="centre">Centre</option>
          <option value="right">Right</option>
          <option value="wide">The whole measure</option>
        </Select>
      </div>
      <Input
        label="Widths of the columns, in %"
        hint={`${count} numbers with spaces between them, or nothing for widths by what the cells hold.`}
        value={widths}
        onChange={(e) => form.set({ widths: e.target.value })}
        problem={wrong}
      />
    </FormDialog>
  )
}
