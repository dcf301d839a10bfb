import { AddButton } from '../../shared/ui/AddButton'
import { TextButton } from '../../shared/ui/Button'
import { Input } from '../../shared/ui/Field'
import type { FormField } from '../base/refs'
import type { PanelProps } from './props'

const kinds: [string, string][] = [
  ['name', 'Name'],
  ['email', 'Mail address'],
  ['phone', 'Telephone'],
  ['line', 'A line'],
  ['message', 'Message'],
  ['choice', 'Choice'],
  ['agreement', 'Agreement'],
]

/** What a contact form asks. Messages arrive in the inbox. */
export function ContactFormPanel({ node, set }: PanelProps) {
  const fields = node.attrs.fields as FormField[]
  const change = (index: number, part: Partial<FormField>) =>
    set({ fields: fields.map((f, i) => (i === index ? { ...f, ...part } : f)) })
  const move = (from: number, to: number) => {
    const next = [...fields]
    next.splice(to, 0, ...next.splice(from, 1))
    set({ fields: next })
  }
  return (
    <>
      <p className="text-soft">Messages arrive in the inbox, under the item’s name.</p>
      <ol aria-label="Fields" className="grid gap-2">
        {fields.map((field, i) => (
          <li key={i} className="grid grid-cols-[1fr_8rem_auto] items-end gap-2 border-line border-b pb-2">
            <Input
              label={`Question ${i + 1}`}
              value={field.label}
              onChange={(e) => change(i, { label: e.target.value })}
            />
            <select
              aria-label={`Kind of question ${i + 1}`}
              value={field.kind}
              onChange={(e) =>
                change(i, { kind: e.target.value, choices: e.target.value === 'choice' ? ['Yes', 'No'] : [] })
              }
              className="h-8 rounded-3 border border-edge bg-sheet px-1.5"
            >
              {kinds.map(([v, name]) => (
                <option key={v} value={v}>
                  {name}
                </option>
              ))}
            </select>
            <span className="flex h-8 items-center gap-2">
              <label className="flex items-center gap-1">
                <input
                  type="checkbox"
                  checked={field.required}
                  onChange={(e) => change(i, { required: e.target.checked })}
                />
                Needed
              </label>
              {i > 0 && (
                <TextButton aria-label={`Move question ${i + 1} up`} onClick={() => move(i, i - 1)}>
                  Up
                </TextButton>
              )}
              {fields.length > 1 && (
                <TextButton
                  aria-label={`Take question ${i + 1} off`}
                  onClick={() => set({ fields: fields.filter((_, n) => n !== i) })}
                >
                  Off
                </TextButton>
              )}
            </span>
            {field.kind === 'choice' && (
              <div className="col-span-3">
                <Input
                  label={`Answers to question ${i + 1}`}
                  hint="Separated by commas."
                  defaultValue={field.choices.join(', ')}
                  onBlur={(e) =>
                    change(i, {
                      choices: e.target.value
                        .split(',')
                        .map((c) => c.trim())
                        .filter(Boolean),
                    })
                  }
                />
              </div>
            )}
          </li>
        ))}
      </ol>
      <div className="flex items-end gap-4">
        <AddButton
          onClick={() =>
            set({ fields: [...fields, { kind: 'line', label: 'Question', required: false, choices: [] }] })
          }
        >
          Add a question
        </AddButton>
        <div className="flex-1">
          <Input
            label="Words on the button"
            value={node.attrs.button}
            onChange={(e) => set({ button: e.target.value })}
          />
        </div>
      </div>
    </>
  )
}
