import type { ContentInput, Person } from '../../shared/api/types'
import { keep, readKept } from '../../shared/base/kept'

/** A text noted in the browser, whose it is, and the revision it was built on. */
export interface Backup {
  by: string
  revision: number
  content: ContentInput
  /** What was sent and not confirmed; the server may have it or not. */
  sent?: ContentInput[]
}

const PREFIX = 'blenner:unsaved:'
const name = (key: string, person: number) => `${PREFIX}${person}:${key}`

/** Notes a text of somebody's; where the browser's store is full or closed, the server still gets it. */
export function backup(key: string, person: Person, text: Omit<Backup, 'by'>) {
  keep(name(key, person.id), { by: person.name, ...text })
}

/** What somebody wrote in an item and the server never confirmed. */
export function readBackup(key: string, person: Person): Backup | null {
  // Notes made before they said whose they are belong to whoever opens the item.
  return readKept<Backup | null>(name(key, person.id), null) ?? readKept<Backup | null>(PREFIX + key, null)
}

/** Forgets what was noted, since the server has it. */
export function dropBackup(key: string, person: Person) {
  try {
    localStorage.removeItem(name(key, person.id))
    localStorage.removeItem(PREFIX + key)
  } catch {
    // Nothing was kept, so there is nothing to drop.
  }
}

/** What others wrote in an item in this browser and the server never confirmed. */
export function backupsOfOthers(key: string, person: Person): { name: string; text: Backup }[] {
  const out: { name: string; text: Backup }[] = []
  try {
    for (let i = 0; i < localStorage.length; i++) {
      const kept = localStorage.key(i) ?? ''
      if (!kept.startsWith(PREFIX) || !kept.endsWith(`:${key}`) || kept === name(key, person.id)) continue
      const text = readKept<Backup | null>(kept, null)
      if (text) out.push({ name: kept, text })
    }
  } catch {
    // A browser that keeps nothing has nothing of others either.
  }
  return out
}

/** Forgets what somebody else wrote, after it became an item. */
export function dropBackupOf({ name: kept }: { name: string }) {
  localStorage.removeItem(kept)
}
