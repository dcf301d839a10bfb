import type { Kind } from './types'

/** The kinds of item that can be begun. */
export const kinds: { kind: Kind; label: string; about: string }[] = [
  { kind: 'ARTICLE', label: 'Article', about: 'A longer text that keeps its worth' },
  { kind: 'POST', label: 'Post', about: 'News of the day, listed by date' },
  { kind: 'PAGE', label: 'Page', about: 'A fixed page, such as how to get there' },
]
