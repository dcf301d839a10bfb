import type { ItemKind, Kind } from '../api/types'
import { Select } from './Field'

interface Props {
  kinds: ItemKind[]
  value: Kind
  pick: (kind: Kind) => void
  /** Whether several items become of the kind. */
  multiple?: boolean
  /** What stands first while none is picked; left out, one is. */
  none?: string
}

/** What kind of item something becomes. */
export function KindSelect({ kinds, value, pick, multiple, none }: Props) {
  return (
    <Select label={none ? 'They become' : 'It becomes'} value={value} onChange={(e) => pick(e.target.value)}>
      {none && <option value="">{none}</option>}
      {kinds.map((k) => (
        <option key={k.name} value={k.name}>
          {multiple ? k.plural : k.label}
        </option>
      ))}
    </Select>
  )
}
