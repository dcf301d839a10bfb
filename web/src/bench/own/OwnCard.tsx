import type { ItemKind } from '../../shared/api/types'
import { useBench, useSaved } from '../state/context'
import { editors } from './editors'
import type { Value } from './props'

/** What stands before the name of a field, where a finding says on which it is. */
const PLACE = 'field:'

/** The name by which somebody is led to a field. */
export const leadTo = (name: string) => PLACE + name

/** The fields of a card of the item's kind. */
export function OwnCard({ card }: { card: ItemKind['cards'][number] }) {
  const { saver } = useBench()
  const values = useSaved((now) => now.fields.values) as Record<string, Value> | undefined
  const findings = useSaved((now) => now.state.findings)

  function set(name: string, next: Value) {
    const { [name]: _, ...others } = (saver.snapshot().fields.values ?? {}) as Record<string, Value>
    saver.change({ values: (next === undefined ? others : { ...others, [name]: next }) as typeof values as never })
  }

  return card.fields.map((field) => {
    const Editor = editors[field.type]
    const lead = leadTo(field.name)
    return (
      <Editor
        key={field.name}
        field={field.required ? { ...field, label: `${field.label} *` } : field}
        value={values?.[field.name]}
        set={(next) => set(field.name, next)}
        problem={findings.find((f) => f.field === lead)?.message ?? ''}
        lead={lead}
      />
    )
  })
}
