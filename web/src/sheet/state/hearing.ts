import type { EditorView } from 'prosemirror-view'

/** What a view of ProseMirror has besides what its types say. */
interface Observing {
  domObserver: { flush: () => void }
}

/**
 * Has the sheet's state know where the cursor is. The browser tells of a move by an event that waits behind keys and
 * presses already under way, so on a busy page a command would go by the place where the cursor was before.
 */
export function hearCursor(view: EditorView) {
  if (view.hasFocus()) (view as unknown as Observing).domObserver.flush()
}
