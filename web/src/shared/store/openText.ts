import { Store, useStore } from '../base/store'

/** The text that is open on the bench, for what works from outside it. */
export interface OpenText {
  key: string
  title: () => string
  html: () => string
  /** Puts some words in at the cursor, as a paragraph of their own. */
  insert: (words: string) => void
  /** Leads to a block at the top of the text, counted from 0. */
  goTo: (block: number) => void
  /** Sends what is not on the server yet; false where that could not be done. */
  flush: () => Promise<boolean>
  /** Asks once more what is found in it, since something changed that lies beyond it. */
  lookAgain: () => void
  subscribe: (listener: () => void) => () => void
}

const open = new Store<OpenText | null>(null)

/** Says which text is open; gives back what says that it is no more. */
export function setOpenText(text: OpenText): () => void {
  open.set(text)
  return () => {
    if (open.get() === text) open.set(null)
  }
}

/** The text that is open, at the moment it is asked for. */
export const openText = open.get

/** The text that is open, drawn again when another one is. */
export function useOpenText(): OpenText | null {
  return useStore(open)
}
