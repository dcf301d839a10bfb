import { type Choice, Combobox } from '../../shared/ui/Combobox'

/** What parts words: the commas and semicolons of Latin, Arabic and East Asian writing, as in the core. */
const PARTS = /[,;،؛、，；]/

interface Props {
  label: string
  hint?: string
  problem?: string
  list: string[]
  set: (next: string[]) => void
  typed: string
  setTyped: (words: string) => void
  /** What could be meant by what is typed. */
  offers: Choice[]
}

/** Words as chips. A comma or Enter ends one; each can be taken off again. */
export function Chips({ label, hint, problem, list, set, typed, setTyped, offers }: Props) {
  function add(text: string) {
    const next = [...list]
    for (const word of text.split(PARTS)) {
      const w = word.trim()
      if (w && !next.some((k) => k.toLowerCase() === w.toLowerCase())) next.push(w)
    }
    if (next.length > list.length) set(next)
    setTyped('')
  }

  return (
    <div className="grid gap-2">
      {list.length > 0 && (
        <ul aria-label={label} className="flex flex-wrap gap-1.5">
          {list.map((k) => (
            <li key={k} className="flex h-6 max-w-full items-center rounded-3 border border-edge bg-sheet pl-2">
              <span className="truncate">{k}</span>
              <button
                type="button"
                aria-label={`Take off ${k}`}
                onClick={() => set(list.filter((other) => other !== k))}
                className="px-1.5 text-soft hover:text-ink"
              >
                ×
              </button>
            </li>
          ))}
        </ul>
      )}
      <Combobox
        label={`Add ${label.toLowerCase()}`}
        hint={hint}
        problem={problem}
        value={typed}
        maxLength={200}
        onChange={(text) => (PARTS.test(text) ? add(text) : setTyped(text))}
        choices={offers.filter((o) => !list.some((k) => k.toLowerCase() === o.label.toLowerCase()))}
        onPick={(c) => add(c.label)}
        onEnter={() => add(typed)}
        onErase={() => !typed && list.length > 0 && set(list.slice(0, -1))}
        onLeave={() => typed.trim() && add(typed)}
      />
    </div>
  )
}
