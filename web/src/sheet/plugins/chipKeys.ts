import { Plugin, TextSelection } from 'prosemirror-state'
import type { EditorView } from 'prosemirror-view'

/** The place at an edge of the line the cursor is in. */
function edge(view: EditorView, last: boolean): number | null {
  const { $head } = view.state.selection
  const block = view.nodeDOM($head.before())
  if (!(block instanceof HTMLElement)) return null
  const { top, bottom } = view.coordsAtPos($head.pos)
  const box = block.getBoundingClientRect()
  const right = last === (getComputedStyle(block).direction !== 'rtl')
  const found = view.posAtCoords({ left: right ? box.right - 1 : box.left + 1, top: (top + bottom) / 2 })
  return found && Math.min(Math.max(found.pos, $head.start()), $head.end())
}

/**
 * Home and End in lines with placeholders. The browser counts what cannot be written in as the end of the world, and would
 * leave a cell or an item with it.
 */
export const chipKeys = new Plugin({
  props: {
    handleKeyDown(view, event) {
      if (event.key !== 'Home' && event.key !== 'End') return false
      if (event.ctrlKey || event.altKey || event.metaKey) return false
      const { $head, $anchor } = view.state.selection
      if (!$head.parent.children.some((child) => child.type.name === 'field_chip')) return false
      const pos = edge(view, event.key === 'End')
      if (pos === null) return false
      const { tr, doc } = view.state
      const anchor = event.shiftKey ? $anchor.pos : pos
      view.dispatch(tr.setSelection(TextSelection.create(doc, anchor, pos)).scrollIntoView())
      return true
    },
  },
})
