import { AddButton } from '../../shared/ui/AddButton'
import { cx } from '../../shared/ui/cx'
import { fieldBox } from '../../shared/ui/Field'
import { Group } from './Group'
import { type EditorProps, rows } from './props'
import { Rows } from './Rows'

/** Names with values. */
export function FactsEditor({ field, value, set, problem }: EditorProps) {
  const facts = rows(value)
  const change = (i: number, part: Record<string, string>) =>
    set(facts.map((f, n) => (n === i ? { ...f, ...part } : f)))
  return (
    <Group field={field} problem={problem}>
      <Rows
        label={field.label}
        list={facts}
        nameOf={(f) => f.name || 'the fact'}
        set={(next) => set(next.length ? next : undefined)}
      >
        {(fact, i) => (
          <div className="grid grid-cols-2 gap-2">
            <input
              aria-label={`Name of fact ${i + 1}`}
              placeholder="Height"
              value={fact.name ?? ''}
              onChange={(e) => change(i, { name: e.target.value })}
              className={cx(fieldBox, 'h-8')}
            />
            <input
              aria-label={`Value of fact ${i + 1}`}
              placeholder="812 m"
              value={fact.value ?? ''}
              onChange={(e) => change(i, { value: e.target.value })}
              className={cx(fieldBox, 'h-8')}
            />
          </div>
        )}
      </Rows>
      <div>
        <AddButton aria-label={`Add: ${field.label}`} onClick={() => set([...facts, { name: '', value: '' }])}>
          Add a fact
        </AddButton>
      </div>
    </Group>
  )
}
