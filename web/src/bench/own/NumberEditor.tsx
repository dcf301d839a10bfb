import { useAsked } from '../../shared/store/asked'
import { Input } from '../../shared/ui/Field'
import { type EditorProps, text } from './props'

/** A number, with a point or a comma, as people write one. */
export function NumberEditor({ field, value, set, problem, lead }: EditorProps) {
  const bounds = [field.least && `at least ${field.least}`, field.most && `at most ${field.most}`].filter(Boolean)
  return (
    <Input
      ref={useAsked<HTMLInputElement>(lead)}
      label={field.unit ? `${field.label} (${field.unit})` : field.label}
      hint={[field.help, bounds.join(', ')].filter(Boolean).join(' ')}
      problem={problem}
      inputMode="decimal"
      value={text(value)}
      onChange={(e) => set(e.target.value || undefined)}
    />
  )
}
