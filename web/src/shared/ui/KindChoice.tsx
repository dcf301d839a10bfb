import { useKinds } from '../api/kinds'
import type { Kind } from '../api/types'

interface Props {
  picked: Kind[]
  pick: (kinds: Kind[]) => void
  hint?: string
}

/** For which kinds of item something is. */
export function KindChoice({ picked, pick, hint }: Props) {
  return (
    <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
      <legend className="mb-1 font-semibold">For</legend>
      {useKinds().map((k) => (
        <label key={k.name} className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={picked.includes(k.name)}
            onChange={(e) => pick(e.target.checked ? [...picked, k.name] : picked.filter((x) => x !== k.name))}
          />
          {k.plural}
        </label>
      ))}
      {hint && <p className="w-full text-small text-soft">{hint}</p>}
    </fieldset>
  )
}
