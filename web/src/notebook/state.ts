import { useSyncExternalStore } from 'react'

/** How somebody keeps the notebook: open or not, docked or where, folded, and whose it shows. */
export interface NotebookState {
  open: boolean
  docked: boolean
  folded: boolean
  x: number
  y: number
  /** The item it shows away from the bench. */
  item: string
  title: string
}

const KEPT = 'blenner.notebook'
const FIRST: NotebookState = { open: false, docked: true, folded: false, x: 900, y: 150, item: '', title: '' }

let state: NotebookState = read()
const listeners = new Set<() => void>()

function read(): NotebookState {
  try {
    return { ...FIRST, ...JSON.parse(localStorage.getItem(KEPT) ?? '{}') }
  } catch {
    return FIRST
  }
}

export function changeNotebook(part: Partial<NotebookState>) {
  state = { ...state, ...part }
  localStorage.setItem(KEPT, JSON.stringify(state))
  for (const l of listeners) l()
}

export function useNotebook(): NotebookState {
  return useSyncExternalStore(
    (l) => {
      listeners.add(l)
      return () => listeners.delete(l)
    },
    () => state,
  )
}
