import type { AssetQuery } from '../api/queries'

/** What is looked for, as the address of the place says it. */
export interface Wanted {
  words: string
  kind?: AssetQuery['kind']
  shape?: AssetQuery['shape']
  least: number
  by: string
  /** The day after which it was brought in, as a date field has it. */
  since: string
  collection: string
  only: NonNullable<AssetQuery['only']>
  order: NonNullable<AssetQuery['order']>
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
  ['UNUSED', 'Used nowhere'],
  ['WITHOUT_ALTERNATIVE', 'Without alternative text'],
  ['EXPIRING', 'Expired or soon to'],
  ['BINNED', 'In the bin'],
]

export const shapes: [string, string][] = [
  ['', 'Any shape'],
  ['WIDE', 'Wide'],
  ['TALL', 'Tall'],
  ['SQUARE', 'Square'],
]

export const widths: [string, string][] = [
  ['', 'Any size'],
  ['800', 'At least 800 pixels wide'],
  ['1600', 'At least 1600 pixels wide'],
  ['2400', 'At least 2400 pixels wide'],
]

export const orders: [string, string][] = [
  ['', 'Newest first'],
  ['TITLE', 'By title'],
  ['LARGEST', 'Largest file first'],
]

function oneOf<T extends string>(all: [string, string][], value: string | null): T | undefined {
  return value && all.some(([v]) => v === value) ? (value as T) : undefined
}

/** Nothing in particular. */
export const anything: Wanted = {
  words: '',
  least: 0,
  by: '',
  since: '',
  collection: '',
  only: 'ALL',
  order: 'NEWEST',
  page: 0,
}

/** What is wanted after one thing of it was changed, by the name and value that fields have. */
export function changed(wanted: Wanted, name: string, value: string): Wanted {
  const params = new URLSearchParams()
  for (const [key, old] of Object.entries(wanted)) if (old) params.set(key, String(old))
  params.set(name, value)
  if (name !== 'page') params.delete('page')
  return wantedIn(params)
}

export function wantedIn(params: URLSearchParams): Wanted {
  return {
    words: params.get('words') ?? '',
    kind: oneOf(kinds, params.get('kind')),
    shape: oneOf(shapes, params.get('shape')),
    least: Number(oneOf(widths, params.get('least')) ?? 0),
    by: params.get('by') ?? '',
    since: /^\d{4}-\d\d-\d\d$/.test(params.get('since') ?? '') ? (params.get('since') as string) : '',
    collection: params.get('collection') ?? '',
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
  const shape = shapes.find(([v]) => v === wanted.shape)?.[1].toLowerCase()
  const more = [
    wanted.collection && `in “${wanted.collection}”`,
    wanted.by && `brought in by ${wanted.by}`,
    wanted.since &&
      `since ${new Date(wanted.since).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })}`,
    wanted.shape && `${shape} in shape`,
    wanted.least && `at least ${wanted.least} pixels wide`,
  ].filter(Boolean)
  const said = `${which[wanted.only]}${words}${more.length ? `, ${more.join(', ')}` : ''}.`
  return total ? `${total} ${what}${said}` : `There are no ${kind}${said}`
}

/** What the server is asked for. */
export function queryOf({ since, by, collection, ...rest }: Wanted): AssetQuery {
  return {
    ...rest,
    ...(by && { by }),
    ...(collection && { collection }),
    ...(since && { since: new Date(`${since}T00:00`).toISOString() }),
  }
}

/** Whether anything narrows what is shown. */
export function isNarrowed({ words, kind, only: which, shape, least, by, since, collection }: Wanted): boolean {
  return !!(words || kind || which !== 'ALL' || shape || least || by || since || collection)
}
