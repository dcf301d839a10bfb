import { useEffect, useSyncExternalStore } from 'react'
import type { Sheet } from '../../sheet'
import type { Saver } from '../state/saver'
import { useWalk } from '../state/walk'

/** The rules whose findings are underlined on the sheet: those on language. */
export const LANGUAGE = new Set(['spelling', 'grammar', 'style'])

/** So often it is asked whether the texts have been read by now, in milliseconds. */
const PATIENCE = 900

/** Asks again while texts are still being read for their language, and underlines on the sheet what was found. */
export function useLanguage(saver: Saver, sheet: Sheet) {
  const state = useSyncExternalStore(saver.subscribe, () => saver.snapshot().state)
  const settled = useSyncExternalStore(saver.subscribe, () => saver.snapshot().status.is === 'saved')
  const folded = useWalk((now) => now.shown === 'folded')
  useEffect(() => {
    if (!state.reading) return
    const timer = setTimeout(() => saver.lookAgain(), PATIENCE)
    return () => clearTimeout(timer)
  }, [state, saver])
  useEffect(() => {
    // What is said of an older text may be in another place by now; it is said again with the next save.
    if (!settled) return
    const words = state.findings.filter((f) => LANGUAGE.has(f.rule) && f.field === 'body' && !f.dismissed)
    sheet.underline(folded ? [] : words.map(({ path, from, to, message: told }) => ({ path, from, to, told })))
  }, [state, settled, folded, sheet])
}
