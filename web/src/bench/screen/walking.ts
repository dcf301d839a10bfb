import { useMemo } from 'react'
import type { Finding } from '../../shared/api/types'
import type { Sheet } from '../../sheet'
import { inOrder } from '../state/findings'
import { nextMark } from '../state/nextMark'
import type { Saver } from '../state/saver'
import { arriveAt, askWhy, comeTo, walkNow } from '../state/walk'

interface Bench {
  saver: Saver
  sheet: Sheet
  goTo: (finding: Finding) => void
  openMarks: () => void
  mend: (finding: Finding, fix: number) => void
  leave: (finding: Finding, reason: string) => void
  tell: (what: string) => void
}

/** What the keys do that walk from mark to mark. */
export function useWalking({ saver, sheet, goTo, openMarks, mend, leave, tell }: Bench) {
  return useMemo(() => {
    const open = () => {
      const found = saver.snapshot().state.findings.filter((f) => !f.dismissed)
      return inOrder(walkNow().order, found)
    }
    const step = (by: 1 | -1) => () => {
      const marks = open()
      const placed = marks.map((mark) => ({
        id: mark.id,
        mark,
        place: mark.field === 'body' && mark.path.length ? sheet.placeAt(mark.path, mark.from) : null,
      }))
      const { at, cursor } = walkNow()
      const writes = sheet.view?.hasFocus() && sheet.cursor !== cursor
      const next = nextMark(placed, at, writes ? sheet.cursor : null, by)?.mark
      if (!next) return tell('There are no marks.')
      // A field of a card takes the place of the marks; what is wrong with it is told above.
      if (next.field === 'body' || next.field === 'title') openMarks()
      comeTo(next.id)
      goTo(next)
      if (next.field === 'body') arriveAt(sheet.cursor)
      tell(`${marks.indexOf(next) + 1} of ${marks.length}: ${next.message}`)
    }
    /** The mark somebody came to, or the first. */
    const here = () => {
      const marks = open()
      const mark = marks.find((f) => f.id === walkNow().at) ?? marks[0]
      if (!mark) tell('There are no marks.')
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
  }, [saver, sheet, goTo, openMarks, mend, leave, tell])
}
