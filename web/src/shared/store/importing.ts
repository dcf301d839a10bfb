import type { Imported } from '../api/types'
import { Store, useStore } from '../base/store'

/** The open text that something can be brought into. */
export interface ImportTarget {
  isEmpty(): boolean
  /** The names of places it holds. */
  namesInUse(): string[]
  /** Its language, as a BCP 47 tag. */
  language(): string
  /** The kind of item it belongs to. */
  kind(): string
  put(brought: Imported['result'], where: 'cursor' | 'end' | 'replace'): void
  tell(sentence: string): void
  /** Gives the keyboard back to the text. */
  focus(): void
}

/** Files to bring in, and the text they can go into; without one they become items. */
export interface ImportWanted {
  files: File[]
  into: ImportTarget | null
}

const wanted = new Store<ImportWanted | null>(null)

/** Opens the import for these files; without any, for somebody to pick some. */
export function askImport(files: File[] = [], into: ImportTarget | null = null) {
  wanted.set({ files, into })
}

/** Closes the import. */
export function closeImport() {
  wanted.set(null)
}

/** What is to be imported, or null. */
export function useImportWanted(): ImportWanted | null {
  return useStore(wanted)
}
