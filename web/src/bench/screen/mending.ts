import { useCallback } from 'react'
import { answer, client } from '../../shared/api/client'
import type { Finding } from '../../shared/api/types'
import { atPath, isPickedWhole, type Sheet } from '../../sheet'
import type { Saver } from '../state/saver'
import { comeTo } from '../state/walk'

interface Bench {
  saver: Saver
  sheet: Sheet
  goTo: (finding: Finding, field?: string) => void
  /** Sends what is written; says why where that cannot be done now. */
  ready: () => Promise<boolean>
  tell: (what: string) => void
}

/** Gives the keys back to the text, unless somebody has gone elsewhere meanwhile. */
function backFrom(sheet: Sheet) {
  const stood = document.activeElement
  return () => {
    const now = document.activeElement
    if (!now || now === document.body || now === stood) sheet.focus()
  }
}

/** Mending what was found, leaving it as it is, and looking at it again. */
export function useMending({ saver, sheet, goTo, ready, tell }: Bench) {
  const mend = useCallback(
    async (finding: Finding, index: number, all = false) => {
      const fix = finding.fixes[index]
      if (fix.asks) return goTo(finding, fix.asks)
      const back = backFrom(sheet)
      if (!(await ready())) return
      const followed = sheet.follow()
      const stood = sheet.state.selection
      const params = { path: { key: saver.key } }
      try {
        const next = await saver.alone(() => {
          const body = { revision: saver.snapshot().state.revision, finding: finding.id, fix: index, all }
          return answer(client.POST('/editor/api/items/{key}/fixes', { params, body }))
        })
        const typed = saver.isDirty
        const moved = !sheet.state.selection.eq(stood)
        const done = followed.replace(next.content.body)
        if (typed) saver.adoptState(next.state)
        else saver.adopt(next)
        const what = all ? `${fix.label.toLowerCase()}, everywhere` : fix.label.toLowerCase()
        tell(
          done
            ? `Done: ${what}. Undo brings it back.`
            : 'You changed this very passage in the meantime, so it was left as you have it.',
        )
        // The work goes on where something was mended, unless somebody has gone elsewhere meanwhile.
        if (done && !typed && !moved && finding.field === 'body' && finding.path.length) {
          const { doc } = sheet.state
          const place = atPath(doc, finding.path)
          // What is picked as a whole would open its settings, which nobody asked for.
          const node = place && doc.nodeAt(place.pos)
          if (node && !isPickedWhole(node)) sheet.goToPosition(place.pos, finding.from, finding.from)
        }
        back()
      } catch (error) {
        followed.end()
        tell(await saver.failed(error))
      }
    },
    [saver, sheet, goTo, ready, tell],
  )

  const leave = useCallback(
    async (finding: Finding, reason: string) => {
      const back = backFrom(sheet)
      if (!(await ready())) return false
      try {
        const params = { path: { key: saver.key } }
        const body = { finding: finding.id, reason }
        saver.adoptState(
          await saver.alone(() => answer(client.POST('/editor/api/items/{key}/dismissals', { params, body }))),
        )
        comeTo('')
        tell('Left as it is. It stands below the marks, where it can be looked at again.')
        back()
        return true
      } catch (error) {
        tell(await saver.failed(error))
        return false
      }
    },
    [saver, sheet, ready, tell],
  )

  const bringBack = useCallback(
    async (id: string) => {
      if (!(await ready())) return
      try {
        const params = { path: { key: saver.key, finding: id } }
        saver.adoptState(
          await saver.alone(() => answer(client.DELETE('/editor/api/items/{key}/dismissals/{finding}', { params }))),
        )
        comeTo(id)
      } catch (error) {
        tell(await saver.failed(error))
      }
    },
    [saver, ready, tell],
  )

  return { mend, leave, bringBack }
}
