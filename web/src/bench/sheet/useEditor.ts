import type { EditorState } from 'prosemirror-state'
import { useSyncExternalStore } from 'react'
import { useBench } from '../context'

/** The state of the sheet, anew after every change. */
export function useEditor(): EditorState {
  const { sheet } = useBench()
  return useSyncExternalStore(sheet.subscribe, sheet.snapshot)
}
