import { type EditorProps, texts } from './props'

/** Any of several choices. */
export function ChoicesEditor({ field, value, set, problem }: EditorProps) {
  const now = texts(value)
  const choices = field.choices ?? []
  const gone = now.filter((c) => !choices.includes(c))
  return (
    <fieldset className="grid gap-1">
      <legend className="mb-1 font-semibold">{field.label}</legend>
      {[...choices, ...gone].map((c) => (
        <label key={c} className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={now.includes(c)}
            onChange={(e) => {
              const next = e.target.checked ? [...now, c] : now.filter((x) => x !== c)
              // In the order of the choices, as they are kept.
              const sorted = [...choices.filter((x) => next.includes(x)), ...next.filter((x) => !choices.includes(x))]
              set(sorted.length ? sorted : undefined)
            }}
          />
          {gone.includes(c) ? `${c} (no longer there)` : c}
        </label>
      ))}
      {field.help && <p className="text-small text-soft">{field.help}</p>}
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
    </fieldset>
  )
}
