import type { paths } from '../shared/api/schema'

type Query = NonNullable<paths['/editor/api/assets/found']['get']['parameters']['query']>

/** What is looked for, as the address of the place says it. */
export interface Wanted {
  words: string
  kind?: Query['kind']
  only: NonNullable<Query['only']>
  order: NonNullable<Query['order']>
  page: number
}

export const kinds: [string, string][] = [
  ['', 'All kinds'],
  ['PICTURE', 'Pictures'],
  ['SOUND', 'Sounds'],
  ['FILM', 'Films'],
  ['DOCUMENT', 'Documents'],
  ['TEXT', 'Plain texts'],
  ['ARCHIVE', 'Archives'],
]

export const only: [string, string][] = [
  ['', 'Everything'],
  ['UNUSED', 'Used in no item'],
  ['WITHOUT_ALTERNATIVE', 'Without alternative text'],
  ['EXPIRING', 'Expired or soon to'],
  ['BINNED', 'In the bin'],
]

export const orders: [string, string][] = [
  ['', 'Newest first'],
  ['TITLE', 'By title'],
]

function oneOf<T extends string>(all: [string, string][], value: string | null): T | undefined {
  return value && all.some(([v]) => v === value) ? (value as T) : undefined
}

export function wantedIn(params: URLSearchParams): Wanted {
  return {
    words: params.get('words') ?? '',
    kind: oneOf(kinds, params.get('kind')),
    only: oneOf<Wanted['only']>(only, params.get('only')) ?? 'ALL',
    order: oneOf<Wanted['order']>(orders, params.get('order')) ?? 'NEWEST',
    page: Math.max(0, Number.parseInt(params.get('page') ?? '0', 10) || 0),
  }
}

/** What is shown, in a sentence. */
export function sentence(wanted: Wanted, total: number): string {
  const kind = kinds.find(([v]) => v === wanted.kind)?.[1].toLowerCase() ?? 'assets'
  const what = total === 1 ? kind.replace(/s$/, '') : kind
  const which: Record<Wanted['only'], string> = {
    ALL: '',
    UNUSED: ' that no item uses',
    WITHOUT_ALTERNATIVE: ' without alternative text',
    EXPIRING: ' that readers soon cease to see, or have',
    BINNED: ' in the bin',
  }
  const words = wanted.words.trim() ? `, with “${wanted.words.trim()}”` : ''
  const said = `${which[wanted.only]}${words}.`
  return total ? `${total} ${what}${said}` : `There are no ${kind}${said}`
}
