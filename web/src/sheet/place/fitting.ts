import type { InsertEntry, Tool } from '../tools/tool'

/** A tool that is in the insert list. */
export type Entry = Tool & { insert: InsertEntry }

/** How well letters fit an entry: its name before the words it is also known by, those before what is said of it. */
function rank(t: Entry, letters: string): number {
  const name = t.name.toLowerCase()
  if (name === letters) return 0
  if (name.startsWith(letters)) return 1
  if (name.includes(` ${letters}`)) return 2
  if (name.includes(letters)) return 3
  if ((t.words ?? '').toLowerCase().includes(letters)) return 4
  if (t.insert.about.toLowerCase().includes(letters)) return 5
  return Number.POSITIVE_INFINITY
}

/** The entries that some letters fit, the best first; of equals what somebody used lately. */
export function fitting(entries: Entry[], letters: string, lately: string[]): Entry[] {
  const used = (t: Entry) => Number(!lately.includes(t.id))
  return entries
    .map((entry) => ({ entry, rank: rank(entry, letters) }))
    .filter((e) => e.rank < Number.POSITIVE_INFINITY)
    .sort((a, b) => a.rank - b.rank || used(a.entry) - used(b.entry))
    .map((e) => e.entry)
}
