import { useState } from 'react'
import { useAsked } from '../../shared/store/asked'
import { Button } from '../../shared/ui/Button'
import { FieldSheet } from './FieldSheet'
import { Group } from './Group'
import { type EditorProps, text } from './props'
import { Written } from './Written'

/** A formatted text: shown as it stands, and written on a sheet of its own. */
export function RichTextEditor({ field, value, set, problem, lead }: EditorProps) {
  const ref = useAsked<HTMLButtonElement>(lead)
  const [open, setOpen] = useState(false)
  const html = text(value)
  return (
    <Group field={field} problem={problem}>
      {html && <Written label={field.label} html={html} />}
      <p>
        <Button ref={ref} onClick={() => setOpen(true)} aria-label={`Write: ${field.label}`}>
          {html ? 'Write on' : 'Write'}
        </Button>
      </p>
      {open && <FieldSheet field={field} html={html} set={set} onClose={() => setOpen(false)} />}
    </Group>
  )
}
