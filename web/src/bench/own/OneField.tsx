import type { OwnField } from '../../shared/api/types'
import { useBench, useSaved } from '../state/context'
import { editors } from './editors'
import type { Value } from './props'

/** What stands before the name of a field, where a finding says on which it is. */
const PLACE = 'field:'

/** The name by which somebody is led to a field. */
export const leadTo = (name: string) => PLACE + name

/** The value of a field, and what sets it; undefined for none. */
export function useFieldValue(name: string): [Value, (next: Value) => void] {
  const { saver } = useBench()
  const value = useSaved((now) => (now.fields.values as Record<string, Value> | undefined)?.[name])
  return [
    value,
    (next) => {
      const { [name]: _, ...others } = (saver.snapshot().fields.values ?? {}) as Record<string, Value>
      saver.change({ values: (next === undefined ? others : { ...others, [name]: next }) as never })
    },
  ]
}

/** What is wrong with a field, as the server last said; empty where nothing is. */
export function useFieldProblem(name: string): string {
  return useSaved((now) => now.state.findings.find((f) => f.field === leadTo(name) && !f.dismissed)?.message ?? '')
}

interface Props {
  field: OwnField
  /** What it falls back on, shown where nothing is entered. */
  placeholder?: string
}

/** A field of an item by the editor of its type. */
export function OneField({ field, placeholder }: Props) {
  const [value, set] = useFieldValue(field.name)
  const lead = leadTo(field.name)
  const problem = useFieldProblem(field.name)
  const Editor = editors[field.type]
  return (
    <Editor
      field={field.required ? { ...field, label: `${field.label} *` } : field}
      value={value}
      set={set}
      problem={problem}
      lead={lead}
      placeholder={placeholder}
    />
  )
}
