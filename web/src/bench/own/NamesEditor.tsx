import { useTyped } from '../../shared/form/useTyped'
import { useBench } from '../state/context'
import { Chips } from './Chips'
import { type EditorProps, texts } from './props'

/** Names in an order. */
export function NamesEditor({ field, value, set, problem }: EditorProps) {
  const { saver } = useBench()
  const [typed, setTyped] = useTyped(`${saver.key}:${field.name}`)
  const names = texts(value)
  return (
    <Chips
      label={field.label}
      hint={field.help}
      problem={problem}
      list={names}
      set={(next) => set(next.length ? next : undefined)}
      typed={typed}
      setTyped={setTyped}
      offers={[]}
    />
  )
}
