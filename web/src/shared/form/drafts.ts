import { keep, readKept } from '../base/kept'

/** What somebody typed into a form and has not kept yet. */
export interface Draft<T> {
  /** What the form began from. */
  base: T
  /** The revision of that, as the server has it; empty for something new. */
  revision: string
  value: T
  /** When it was typed last, in milliseconds. */
  at: number
}

const PREFIX = 'blenner:form:'
const OLDEST = 30 * 86_400_000

/** This tab, also after it is loaded anew. */
function tab(): string {
  try {
    const known = sessionStorage.getItem('blenner:tab')
    if (known) return known
    const made = Math.random().toString(36).slice(2, 10)
    sessionStorage.setItem('blenner:tab', made)
    return made
  } catch {
    return 'one'
  }
}

const place = (person: number, form: string) => `${PREFIX}${person}:${form}:`

/** Keeps what somebody typed into a form, before anything can happen to the page. */
export function keepDraft<T>(person: number, form: string, draft: Draft<T>) {
  keep(place(person, form) + tab(), draft)
}

/** What somebody typed into a form: in this tab, else what is the latest of others. */
export function readDraft<T>(person: number, form: string): Draft<T> | null {
  let found: Draft<T> | null = null
  for (const name of names(place(person, form))) {
    const draft = readKept<Draft<T> | null>(name, null)
    if (!draft || Date.now() - draft.at > OLDEST) localStorage.removeItem(name)
    else if (name.endsWith(`:${tab()}`)) return draft
    else if (!found || draft.at > found.at) found = draft
  }
  return found
}

/** Forgets what was typed, since the server has it or its writer threw it away; what another tab holds beyond it stays. */
export function dropDraft(person: number, form: string, upTo: number) {
  for (const name of names(place(person, form))) {
    const draft = readKept<Draft<unknown> | null>(name, null)
    if (name.endsWith(`:${tab()}`) || !draft || draft.at <= upTo) localStorage.removeItem(name)
  }
}

function names(start: string): string[] {
  try {
    return Object.keys(localStorage).filter((name) => name.startsWith(start))
  } catch {
    // A browser that keeps nothing has nothing to give back.
    return []
  }
}
