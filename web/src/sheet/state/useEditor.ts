import type { EditorState } from 'prosemirror-state'
import { useSyncExternalStore } from 'react'
import { useSheet } from './context'

/** The state of the sheet, again after every change. For what is drawn seldom, or must be. */
export function useEditor(): EditorState {
  const sheet = useSheet()
  return useSyncExternalStore(sheet.subscribe, sheet.snapshot)
}

/**
 * Something that follows from the state of the sheet. Whoever asks is drawn again only when it becomes
 * another; it must be a plain value, or one kept by the state itself.
 */
export function useDerived<T>(of: (state: EditorState) => T): T {
  const sheet = useSheet()
  return useSyncExternalStore(sheet.subscribe, () => of(sheet.state))
}
