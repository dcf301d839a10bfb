import { useState } from 'react'
import { useAsked } from '../../shared/store/asked'
import { Button } from '../../shared/ui/Button'
import { asShown } from '../../sheet'
import { FieldSheet } from './FieldSheet'
import { Group } from './Group'
import { type EditorProps, text } from './props'

/** A formatted text: shown as it stands, and written on a sheet of its own. */
export function RichTextEditor({ field, value, set, problem, lead }: EditorProps) {
  const ref = useAsked<HTMLButtonElement>(lead)
  const [open, setOpen] = useState(false)
  const html = text(value)
  return (
    <Group field={field} problem={problem}>
      {html && (
        <section
          aria-label={`${field.label}, as it stands`}
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
          tabIndex={0}
          className="max-h-60 overflow-auto border border-line bg-sheet px-3 py-1"
        >
          <div inert className="article" dangerouslySetInnerHTML={{ __html: asShown(html) }} />
        </section>
      )}
      <p>
        <Button ref={ref} onClick={() => setOpen(true)} aria-label={`Write: ${field.label}`}>
          {html ? 'Write on' : 'Write'}
        </Button>
      </p>
      {open && <FieldSheet field={field} html={html} set={set} onClose={() => setOpen(false)} />}
    </Group>
  )
}
