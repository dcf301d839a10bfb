import { useMemo } from 'react'
import type { Finding } from '../../shared/api/types'
import { inOrder } from '../state/findings'
import type { Saver } from '../state/saver'
import { askWhy, comeTo, walkNow } from '../state/walk'

interface Bench {
  saver: Saver
  goTo: (finding: Finding) => void
  openMarks: () => void
  mend: (finding: Finding, fix: number) => void
  leave: (finding: Finding, reason: string) => void
  tell: (what: string) => void
}

/** What the keys do that walk from mark to mark. */
export function useWalking({ saver, goTo, openMarks, mend, leave, tell }: Bench) {
  return useMemo(() => {
    const open = () => {
      const found = saver.snapshot().state.findings.filter((f) => !f.dismissed)
      return inOrder(walkNow().order, found)
    }
    const step = (by: number) => () => {
      const marks = open()
      if (!marks.length) return tell('There is no mark.')
      const at = marks.findIndex((f) => f.id === walkNow().at)
      const from = at < 0 && by < 0 ? 0 : at
      const next = marks[(from + by + marks.length) % marks.length]
      openMarks()
      comeTo(next.id)
      goTo(next)
      tell(`${marks.indexOf(next) + 1} of ${marks.length}: ${next.message}`)
    }
    /** The mark somebody came to, or the first. */
    const here = () => {
      const marks = open()
      const mark = marks.find((f) => f.id === walkNow().at) ?? marks[0]
      if (!mark) tell('There is no mark.')
      return mark
    }
    return {
      'mark-next': step(1),
      'mark-previous': step(-1),
      'mark-mend': () => {
        const mark = here()
        if (!mark) return
        const made = mark.fixes.findIndex((f) => !f.asks)
        if (mark.fixes.length) mend(mark, Math.max(made, 0))
        else tell('This has to be put right by hand.')
      },
      'mark-leave': () => {
        const mark = here()
        if (!mark) return
        if (!mark.mayLeave) return tell('This must be put right before the item goes live.')
        openMarks()
        if (mark.level === 'ADVISED') leave(mark, '')
        else askWhy(mark.id)
      },
    }
  }, [saver, goTo, openMarks, mend, leave, tell])
}
