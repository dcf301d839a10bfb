import type { Ask } from '../base/ask'

/** What the sheet tells the screen around it. Whoever shows the sheet sets these. */
export interface SheetHooks {
  /** A tool asks for something; with what was pasted, where that is why. */
  ask: (what: Ask, given?: string) => void
  /** The text changed. */
  edit: () => void
  /** A ready-made piece was put in, by its number. */
  dropped: (piece: number) => void
  /** Files were dropped or pasted. */
  files: (files: File[]) => void
  /** A sentence for the person. */
  tell: (sentence: string) => void
  /** The sheet itself failed; the text is in `state`. */
  crash: (error: unknown) => void
}

/** The hooks of a sheet that nobody shows yet. */
export const silent: SheetHooks = {
  ask: () => {},
  edit: () => {},
  dropped: () => {},
  files: () => {},
  tell: () => {},
  crash: () => {},
}
