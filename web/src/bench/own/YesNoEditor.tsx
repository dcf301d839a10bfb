import { type EditorProps, text } from './props'

const answers: [string, string][] = [
  ['true', 'Yes'],
  ['false', 'No'],
  ['', 'Not said'],
]

/** Yes, no, or not yet said. */
export function YesNoEditor({ field, value, set, problem }: EditorProps) {
  return (
    <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
      <legend className="mb-1 font-semibold">{field.label}</legend>
      {answers.map(([answer, name]) => (
        <label key={name} className="flex items-center gap-1.5">
          <input
            type="radio"
            name={`own-${field.name}`}
            checked={text(value) === answer}
            onChange={() => set(answer ? answer === 'true' : undefined)}
          />
          {name}
        </label>
      ))}
      {field.help && <p className="w-full text-small text-soft">{field.help}</p>}
      {problem && (
        <p role="alert" className="w-full text-rust">
          {problem}
        </p>
      )}
    </fieldset>
  )
}
