import { useState } from 'react'
import { useAsset } from '../../shared/api/queries'
import type { OwnField } from '../../shared/api/types'
import { AddButton } from '../../shared/ui/AddButton'
import { Button } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { fieldBox } from '../../shared/ui/Field'
import { FieldSheet } from './FieldSheet'
import { Group } from './Group'
import { PickDialog } from './PickDialog'
import { type EditorProps, rows } from './props'
import { Rows } from './Rows'
import { Written } from './Written'

type Part = Record<string, string>

const parts: Record<string, string> = {
  facts: 'Facts',
  picture: 'Picture',
  quote: 'Quote',
  text: 'Text',
  related: 'Related items',
}

/** What is in the column beside the text, part by part. */
export function SideEditor({ field, value, set, problem }: EditorProps) {
  const list = rows(value)
  const nameOf = (part: Part) => (parts[part.part] ?? 'the part').toLowerCase()
  const change = (i: number, next: Part) => set(list.map((p, n) => (n === i ? { ...p, ...next } : p)))
  return (
    <Group field={field} problem={problem}>
      <Rows label={field.label} list={list} nameOf={nameOf} set={(next) => set(next.length ? next : undefined)}>
        {(part, i) => (
          <div className="grid gap-1.5">
            <p className="font-semibold">{parts[part.part] ?? part.part}</p>
            <PartFields part={part} number={i + 1} field={field} change={(next) => change(i, next)} />
          </div>
        )}
      </Rows>
      <fieldset className="flex flex-wrap gap-1.5">
        <legend className="mb-1 text-soft">Add</legend>
        {Object.entries(parts).map(([part, name]) => (
          <AddButton key={part} aria-label={`Add ${name.toLowerCase()}`} onClick={() => set([...list, { part }])}>
            {name}
          </AddButton>
        ))}
      </fieldset>
    </Group>
  )
}

interface PartProps {
  part: Part
  number: number
  field: OwnField
  change: (next: Part) => void
}

function PartFields({ part, number, field, change }: PartProps) {
  const [picking, setPicking] = useState(false)
  const picture = useAsset(part.picture ?? '')
  const line = (name: string, label: string) => (
    <input
      aria-label={`${label}, part ${number}`}
      placeholder={label}
      value={part[name] ?? ''}
      onChange={(e) => change({ [name]: e.target.value })}
      className={cx(fieldBox, 'h-8')}
    />
  )
  const lines = (name: string, label: string) => (
    <textarea
      aria-label={`${label}, part ${number}`}
      placeholder={label}
      rows={3}
      value={part[name] ?? ''}
      onChange={(e) => change({ [name]: e.target.value })}
      className={cx(fieldBox, 'resize-y py-1.5')}
    />
  )
  switch (part.part) {
    case 'facts':
      return <p className="text-soft">The fields of this kind of item, filled in on their cards.</p>
    case 'related':
      return <p className="text-soft">The items of the card Related.</p>
    case 'quote':
      return (
        <>
          {lines('text', 'What was said')}
          {line('from', 'Who said it')}
        </>
      )
    case 'text':
      return (
        <>
          {line('title', 'Title')}
          <SideText part={part} number={number} field={field} set={(text) => change({ text: text ?? '' })} />
        </>
      )
    case 'picture':
      return (
        <>
          {picture && <img src={picture.tile} alt={picture.alternative} className="w-full border border-line" />}
          <div>
            <Button aria-label={`Pick the picture of part ${number}`} onClick={() => setPicking(true)}>
              {part.picture ? 'Change it' : 'Pick one'}
            </Button>
          </div>
          {line('words', 'Words below it')}
          {picking && (
            <PickDialog
              title="Picture beside the text"
              pictures
              multiple={false}
              picked={[part.picture ?? '']}
              onPick={(a) => change({ picture: a.name })}
              onClose={() => setPicking(false)}
            />
          )}
        </>
      )
    default:
      return <p className="text-soft">A part this version does not know; it is kept.</p>
  }
}

interface TextProps {
  part: Part
  number: number
  field: OwnField
  set: (html: string | undefined) => void
}

/** A few formatted lines, written on a sheet of their own. */
function SideText({ part, number, field, set }: TextProps) {
  const [open, setOpen] = useState(false)
  const html = part.text ?? ''
  const label = `Text, part ${number}`
  return (
    <>
      {html && <Written label={label} html={html} />}
      <p>
        <Button onClick={() => setOpen(true)} aria-label={`Write: ${label}`}>
          {html ? 'Write on' : 'Write'}
        </Button>
      </p>
      {open && (
        <FieldSheet
          field={{ ...field, label: part.title || 'Text beside', help: '' }}
          html={html}
          set={set}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  )
}
