import { kinds } from '../api/kinds'
import type { Kind } from '../api/types'

/** For which kinds of item something is. */
export function KindChoice({ picked, pick }: { picked: Kind[]; pick: (kinds: Kind[]) => void }) {
  return (
    <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
      <legend className="mb-1 font-semibold">For</legend>
      {kinds.map((k) => (
        <label key={k.kind} className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={picked.includes(k.kind)}
            onChange={(e) => pick(e.target.checked ? [...picked, k.kind] : picked.filter((x) => x !== k.kind))}
          />
          {k.label}s
        </label>
      ))}
    </fieldset>
  )
}
