import { ItemPick, useTitles } from '../../shared/ui/ItemPick'
import { Group } from './Group'
import { type EditorProps, texts } from './props'
import { Rows } from './Rows'

/** Other items, found by a few letters of their titles. */
export function ItemsEditor({ field, value, set, problem }: EditorProps) {
  const keys = texts(value)
  const nameOf = useTitles(keys)
  return (
    <Group field={field} problem={problem}>
      <Rows label={field.label} list={keys} nameOf={nameOf} set={(next) => set(next.length ? next : undefined)}>
        {(key) => <span className="truncate">{nameOf(key)}</span>}
      </Rows>
      <ItemPick
        label={`Add to “${field.label}”`}
        hint="A few letters of its title. Readers see it once it is live."
        onPick={(key) => !keys.includes(key) && set([...keys, key])}
      />
    </Group>
  )
}
