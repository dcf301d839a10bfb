import { createContext, useContext, useSyncExternalStore } from 'react'
import type { Finding } from '../../shared/api/types'
import type { Sheet } from '../../sheet'
import type { Saver, Snapshot } from './saver'

/** What the parts of the bench share; it stays the same while one writes. */
export interface BenchShared {
  saver: Saver
  sheet: Sheet
  goTo: (finding: Finding, field?: string) => void
  /** Mends a finding by one of its fixes, or everything of its sort. */
  mend: (finding: Finding, fix: number, all?: boolean) => void
  /** Leaves a finding as it is; false where that could not be done, which the bench has said. */
  leave: (finding: Finding, reason: string) => Promise<boolean>
  /** Looks again at what was left as it is, by its identity. */
  bringBack: (id: string) => void
  /** Grows each time somebody wants to see the marks. */
  marksOpen: number
  openMarks: () => void
}

export const BenchContext = createContext<BenchShared | null>(null)

export function useBench(): BenchShared {
  const bench = useContext(BenchContext)
  if (!bench) throw new Error('not on the bench')
  return bench
}

/**
 * Something of how the item stands. Whoever asks is drawn again only when it becomes another, not at
 * each save: it must be a plain value, or one the snapshot itself holds.
 */
export function useSaved<T>(of: (now: Snapshot) => T): T {
  const { saver } = useBench()
  return useSyncExternalStore(saver.subscribe, () => of(saver.snapshot()))
}
