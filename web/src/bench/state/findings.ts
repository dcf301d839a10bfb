import { useMemo } from 'react'
import type { Finding } from '../../shared/api/types'
import { useSaved } from './context'

/** What was found in the item: what is open, and what somebody wants left as it is. */
export function useFindings(): { open: Finding[]; left: Finding[] } {
  const all = useSaved((now) => now.state.findings)
  return useMemo(() => ({ open: all.filter((f) => !f.dismissed), left: all.filter((f) => f.dismissed) }), [all])
}

/** The order in which somebody who reads the item comes by its findings: the fields first, then the text. */
export function inReadingOrder(findings: Finding[]): Finding[] {
  const fields = ['title', 'summary', 'body']
  const byPath = (a: number[], b: number[]) => {
    for (let i = 0; i < Math.min(a.length, b.length); i++) if (a[i] !== b[i]) return a[i] - b[i]
    return a.length - b.length
  }
  return [...findings].sort(
    (a, b) => fields.indexOf(a.field) - fields.indexOf(b.field) || byPath(a.path, b.path) || a.from - b.from,
  )
}

const weights = ['MUST_FIX', 'ADVISED', 'LOOK']

/** What must be fixed first, then what is advised, then what is to be looked at; among equals in reading order. */
function byWeight(findings: Finding[]): Finding[] {
  return inReadingOrder(findings).sort((a, b) => weights.indexOf(a.level) - weights.indexOf(b.level))
}

/** In which order marks are listed and walked. */
export type Order = 'place' | 'weight'

export function inOrder(order: Order, findings: Finding[]): Finding[] {
  return order === 'weight' ? byWeight(findings) : inReadingOrder(findings)
}
