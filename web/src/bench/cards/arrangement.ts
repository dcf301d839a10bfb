import { setOwn, useOwn } from '../../shared/store/own'

/** How somebody has laid the cards out: names of cards in their order, and which are hidden or folded. */
export interface Arrangement {
  order: string[]
  hidden: string[]
  folded: string[]
}

const NAME = 'cards'
const names = (value: unknown): string[] => (Array.isArray(value) ? value.filter((v) => typeof v === 'string') : [])

/** The arrangement of this person, and what changes it. */
export function useArrangement() {
  const kept = useOwn<Partial<Record<keyof Arrangement, unknown>> | null>(NAME, null)
  const now: Arrangement = {
    order: names(kept?.order),
    hidden: names(kept?.hidden),
    folded: names(kept?.folded),
  }
  return {
    arrangement: now,
    changed: kept !== null,
    change: (next: Partial<Arrangement>) => setOwn(NAME, { ...now, ...next }),
    reset: () => setOwn(NAME, undefined),
  }
}

/** Things in somebody's order. One that they never moved keeps its place behind the one it stands behind for all. */
export function inOrder(all: string[], order: string[]): string[] {
  const out = order.filter((name) => all.includes(name))
  all.forEach((name, i) => {
    if (out.includes(name)) return
    const before = all.slice(0, i).findLast((b) => out.includes(b))
    out.splice(before === undefined ? 0 : out.indexOf(before) + 1, 0, name)
  })
  return out
}

/** A list with a name in it, or without. */
export const toggled = (list: string[], name: string, on: boolean) =>
  on ? [...new Set([...list, name])] : list.filter((n) => n !== name)
