import { useSearchParams } from 'react-router'
import type { Kind, Stage, WorklistQuery } from '../shared/api/types'

export type Order = NonNullable<WorklistQuery>['order']

export interface Filter {
  mine: boolean
  /** Only what waits for the person who looks. */
  waiting: boolean
  stage: Stage | ''
  section: string
  /** Of the section. */
  topic: string
  kind: Kind | ''
  author: string
  language: string
  keyword: string
  /** The id of a rule that finds something in them. */
  rule: string
  /** Only what must be mended before it can go live. */
  mustFix: boolean
  /** Only what is live and to which no page leads. */
  nowhere: boolean
  /** Only what shows something readers soon cease to see. */
  expiring: boolean
  /** The first and the last day on which it was changed, as `2026-11-27`. */
  from: string
  until: string
  words: string
  order: NonNullable<Order>
  page: number
  size: number
}

const orders: readonly string[] = ['BEST', 'CHANGED', 'OLDEST', 'TITLE'] satisfies Filter['order'][]

/** What narrows the list besides whose it is, with nothing asked for. */
export const all = {
  stage: '',
  section: '',
  topic: '',
  kind: '',
  author: '',
  language: '',
  keyword: '',
  rule: '',
  mustFix: false,
  nowhere: false,
  expiring: false,
  from: '',
  until: '',
  words: '',
} as const

export function isNarrow(filter: Filter): boolean {
  return Object.keys(all).some((name) => !!filter[name as keyof typeof all])
}

const texts = [
  'stage',
  'section',
  'topic',
  'kind',
  'author',
  'language',
  'keyword',
  'rule',
  'from',
  'until',
  'words',
] as const

function number(typed: string | null, otherwise: number): number {
  return typed !== null && /^\d{1,6}$/.test(typed) ? Number(typed) : otherwise
}

/** The filter an address holds; what it does not know, or what is not a number, is as if it were not there. */
export function read(params: URLSearchParams): Filter {
  const order = params.get('order') ?? ''
  return {
    ...(Object.fromEntries(texts.map((name) => [name, params.get(name) ?? ''])) as Pick<
      Filter,
      (typeof texts)[number]
    >),
    mine: params.get('whose') === 'mine',
    waiting: params.get('waiting') === 'yes',
    mustFix: params.get('must-fix') === 'yes',
    nowhere: params.get('nowhere') === 'yes',
    expiring: params.get('expiring') === 'yes',
    order: (orders.includes(order) ? order : 'BEST') as Filter['order'],
    page: number(params.get('page'), 0),
    size: number(params.get('size'), 25),
  }
}

/** The address of a filter; what is as it usually is stays out of it. */
export function written(filter: Filter): URLSearchParams {
  const out = new URLSearchParams()
  if (filter.mine) out.set('whose', 'mine')
  if (filter.waiting) out.set('waiting', 'yes')
  if (filter.mustFix) out.set('must-fix', 'yes')
  if (filter.nowhere) out.set('nowhere', 'yes')
  if (filter.expiring) out.set('expiring', 'yes')
  for (const name of texts) if (filter[name]) out.set(name, filter[name])
  if (filter.order !== 'BEST') out.set('order', filter.order)
  if (filter.page) out.set('page', String(filter.page))
  if (filter.size !== 25) out.set('size', String(filter.size))
  return out
}

/** The address that shows a filter, from its first page. */
export function addressOf(filter: Filter): string {
  return written({ ...filter, page: 0 }).toString()
}

/** The filter lives in the browser's address, so that it can be kept and sent. */
export function useFilter(): [Filter, (change: Partial<Filter>) => void] {
  const [params, setParams] = useSearchParams()
  const change = (part: Partial<Filter>) => {
    // From the address as it is now: words still being typed must not take back what was pressed meanwhile.
    const next = { ...read(new URLSearchParams(location.search)), page: 0, ...part }
    setParams(written(next), { replace: 'words' in part })
  }
  return [read(params), change]
}

/** The filter as the server is asked. */
export function query({
  mine,
  waiting,
  mustFix,
  nowhere,
  expiring,
  order,
  page,
  size,
  ...given
}: Filter): WorklistQuery {
  return {
    ...Object.fromEntries(Object.entries(given).filter(([, value]) => value)),
    ...(mustFix && { mustFix }),
    ...(nowhere && { nowhere }),
    ...(expiring && { expiring }),
    mine,
    waiting,
    order,
    page,
    size,
  }
}
