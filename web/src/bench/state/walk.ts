import { keep, readKept } from '../../shared/base/kept'
import { Store, useStore } from '../../shared/base/store'
import type { Order } from './findings'

/** How marks are shown: level with what they concern, one below the other, or not at all while one writes. */
export type Shown = 'beside' | 'list' | 'folded'

interface Walk {
  shown: Shown
  order: Order
  /** The mark somebody came to last, by the keys or by a press; empty where it is none. */
  at: string
  /** The mark of which it is asked why it is right as it is. */
  asked: string
  /** Where the cursor was put when somebody came to the mark; null where it led to no place in the text. */
  cursor: number | null
}

const KEPT = 'blenner.marks'

const kept = readKept<{ shown?: unknown; order?: unknown } | null>(KEPT, null)

const walk = new Store<Walk>({
  shown: kept?.shown === 'list' || kept?.shown === 'folded' ? kept.shown : 'beside',
  order: kept?.order === 'weight' ? 'weight' : 'place',
  at: '',
  asked: '',
  cursor: null,
})

function change(part: Partial<Walk>) {
  walk.set({ ...walk.get(), ...part })
}

export function useWalk<T>(of: (now: Walk) => T): T {
  return useStore(walk, of)
}

/** How marks are shown is kept in this browser. */
export function showMarks(part: Partial<Pick<Walk, 'shown' | 'order'>>) {
  change(part)
  const { shown, order } = walk.get()
  keep(KEPT, { shown, order })
}

/** Somebody came to a mark. */
export function comeTo(id: string) {
  change({ at: id, asked: '', cursor: null })
}

/** The cursor was put where the mark is that somebody came to. */
export function arriveAt(cursor: number) {
  change({ cursor })
}

/** Asks why a mark is right as it is. */
export function askWhy(id: string) {
  change({ at: id || walk.get().at, asked: id })
}

export const walkNow = walk.get
