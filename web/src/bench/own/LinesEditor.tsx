import { useAsked } from '../../shared/store/asked'
import { cx } from '../../shared/ui/cx'
import { FieldFrame, fieldBox } from '../../shared/ui/Field'
import { type EditorProps, text } from './props'

/** Several lines of plain text. */
export function LinesEditor({ field, value, set, problem, lead, placeholder }: EditorProps) {
  const ref = useAsked<HTMLTextAreaElement>(lead)
  return (
    <FieldFrame label={field.label} hint={field.help} problem={problem}>
      {({ id, describedBy }) => (
        <textarea
          ref={ref}
          id={id}
          aria-describedby={describedBy}
          rows={4}
          placeholder={placeholder}
          value={text(value)}
          onChange={(e) => set(e.target.value || undefined)}
          className={cx(fieldBox, 'resize-y py-1.5')}
        />
      )}
    </FieldFrame>
  )
}
