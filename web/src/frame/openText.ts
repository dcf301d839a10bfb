import { useSyncExternalStore } from 'react'

/** The text that is open on the bench, for what works from outside it. */
export interface OpenText {
  key: string
  title: () => string
  html: () => string
  /** Puts some words in at the cursor, as a paragraph of their own. */
  insert: (words: string) => void
  /** Leads to a block at the top of the text, counted from 0. */
  goTo: (block: number) => void
  subscribe: (listener: () => void) => () => void
}

let open: OpenText | null = null
const listeners = new Set<() => void>()

/** Says which text is open; gives back what says that it is no more. */
export function setOpenText(text: OpenText): () => void {
  open = text
  for (const l of listeners) l()
  return () => {
    if (open === text) open = null
    for (const l of listeners) l()
  }
}

export function useOpenText(): OpenText | null {
  return useSyncExternalStore(
    (l) => {
      listeners.add(l)
      return () => listeners.delete(l)
    },
    () => open,
  )
}
