import type { ContentInput } from '../../shared/api/types'

/** A text noted in the browser, and the revision it was built on. */
export interface Backup {
  revision: number
  content: ContentInput
  /** What was sent and not confirmed; the server may have it or not. */
  sent?: ContentInput[]
}

const name = (key: string) => `blenner:unsaved:${key}`

export function backup(key: string, text: Backup) {
  try {
    localStorage.setItem(name(key), JSON.stringify(text))
  } catch {
    // The browser's store is full or closed; the server still gets the text.
  }
}

export function readBackup(key: string): Backup | null {
  try {
    return JSON.parse(localStorage.getItem(name(key)) ?? 'null')
  } catch {
    return null
  }
}

export function dropBackup(key: string) {
  try {
    localStorage.removeItem(name(key))
  } catch {
    // Nothing was kept, so there is nothing to drop.
  }
}
