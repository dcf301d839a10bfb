import { Select } from '../../shared/ui/Field'
import { type EditorProps, text } from './props'

/** One of several choices. */
export function ChoiceEditor({ field, value, set, problem }: EditorProps) {
  const now = text(value)
  const choices = field.choices ?? []
  return (
    <div className="grid gap-1">
      <Select label={field.label} hint={field.help} value={now} onChange={(e) => set(e.target.value || undefined)}>
        <option value="">Not chosen</option>
        {choices.map((c) => (
          <option key={c} value={c}>
            {c}
          </option>
        ))}
        {now && !choices.includes(now) && <option value={now}>{now} (no longer there)</option>}
      </Select>
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
    </div>
  )
}
