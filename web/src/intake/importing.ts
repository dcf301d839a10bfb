import { api } from '../api/client'
import type { Brought, ItemView, Kind } from '../api/types'

/** What may be picked; the server looks at each file itself. */
export const ENDINGS = '.docx,.odt,.html,.htm,.md,.markdown,.txt'

/** The open text that something can be brought into. */
export interface ImportTarget {
  isEmpty(): boolean
  /** The names of places it holds. */
  taken(): string[]
  put(brought: Brought['taken'], where: 'cursor' | 'end' | 'replace'): void
  tell(sentence: string): void
}

/** Files to bring in, and the text they can go into; without one they become items. */
export interface ImportWanted {
  files: File[]
  into: ImportTarget | null
}

let listener: (wanted: ImportWanted) => void = () => {}

/** Opens the import for these files; without any, for somebody to pick some. */
export function askImport(files: File[] = [], into: ImportTarget | null = null) {
  listener({ files, into })
}

/** Says who opens it. */
export function onImport(open: (wanted: ImportWanted) => void) {
  listener = open
  return () => {
    listener = () => {}
  }
}

/** Reads a file; its title apart where it becomes an item. */
export function readFile(file: File, asItem: boolean, taken: string[] = []): Promise<Brought> {
  const form = new FormData()
  form.append('file', file)
  const query = new URLSearchParams({ asItem: String(asItem) })
  for (const name of taken) query.append('taken', name)
  return api.post<Brought>(`/intake/file?${query}`, form)
}

/** Fetches a page of the web. */
export function readAddress(address: string, taken: string[] = []): Promise<Brought> {
  return api.post<Brought>('/intake/address', { address, taken })
}

/** Begins an item with a text that was brought in. */
export async function beginItem(kind: Kind, brought: { title: string; body: string }): Promise<string> {
  const made = await api.post<ItemView>('/items', { kind, title: brought.title, body: brought.body })
  return made.state.key
}
