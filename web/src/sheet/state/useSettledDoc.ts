import type { Node } from 'prosemirror-model'
import { useEffect, useState } from 'react'
import type { Sheet } from './Sheet'

/** How long somebody must pause before words in the map are drawn again, in milliseconds. */
const PAUSE = 250

/** The document: at once where blocks come, go or move, after a pause where only words change. */
export function useSettledDoc(sheet: Sheet): Node {
  const [doc, setDoc] = useState(sheet.state.doc)
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined
    let shown = sheet.state.doc
    const take = () => {
      clearTimeout(timer)
      shown = sheet.state.doc
      setDoc(shown)
    }
    take()
    const stop = sheet.subscribe(() => {
      const now = sheet.state.doc
      if (now === shown) return
      if (movedAbout(shown, now)) return take()
      clearTimeout(timer)
      timer = setTimeout(take, PAUSE)
    })
    return () => {
      clearTimeout(timer)
      stop()
    }
  }, [sheet])
  return doc
}

/** Whether a place in the one is perhaps another block in the other: what is pressed in the map must mean what it shows. */
function movedAbout(before: Node, after: Node): boolean {
  if (before.childCount !== after.childCount) return true
  let changed = 0
  for (let i = 0; i < after.childCount && changed < 2; i++) if (before.child(i) !== after.child(i)) changed++
  return changed > 1
}
