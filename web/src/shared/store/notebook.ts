import { keep, readKept } from '../base/kept'
import { Store, useStore } from '../base/store'

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

const notebook = new Store<NotebookState>({ ...FIRST, ...readKept<Partial<NotebookState>>(KEPT, {}) })

/** Changes how the notebook is kept, in this browser. */
export function changeNotebook(part: Partial<NotebookState>) {
  notebook.set({ ...notebook.get(), ...part })
  keep(KEPT, notebook.get())
}

/** How the notebook is kept now. */
export function useNotebook(): NotebookState {
  return useStore(notebook)
}
