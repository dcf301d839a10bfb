import { useAsked } from '../../shared/store/asked'
import { Input } from '../../shared/ui/Field'
import { type EditorProps, text } from './props'

/** One line of plain text. */
export function LineEditor({ field, value, set, problem, lead, placeholder }: EditorProps) {
  return (
    <Input
      ref={useAsked<HTMLInputElement>(lead)}
      label={field.label}
      hint={field.help}
      problem={problem}
      placeholder={placeholder}
      value={text(value)}
      onChange={(e) => set(e.target.value || undefined)}
    />
  )
}
