import { useSearchParams } from 'react-router'
import type { Kind, Stage, WorklistQuery } from '../shared/api/types'

export interface Filter {
  mine: boolean
  /** Only what waits for the person who looks. */
  waiting: boolean
  stage: Stage | ''
  section: string
  kind: Kind | ''
  words: string
  page: number
  size: number
}

function read(params: URLSearchParams): Filter {
  return {
    mine: params.get('whose') === 'mine',
    waiting: params.get('waiting') === 'yes',
    stage: (params.get('stage') ?? '') as Filter['stage'],
    section: params.get('section') ?? '',
    kind: (params.get('kind') ?? '') as Filter['kind'],
    words: params.get('words') ?? '',
    page: Number(params.get('page') ?? 0),
    size: Number(params.get('size') ?? 25),
  }
}

/** The filter lives in the browser's address, so that it can be kept and sent. */
export function useFilter(): [Filter, (change: Partial<Filter>) => void] {
  const [params, setParams] = useSearchParams()
  const filter = read(params)
  const change = (part: Partial<Filter>) => {
    // From the address as it is now: words still being typed must not take back what was pressed meanwhile.
    const next = { ...read(new URLSearchParams(location.search)), page: 0, ...part }
    const out = new URLSearchParams()
    if (next.mine) out.set('whose', 'mine')
    if (next.waiting) out.set('waiting', 'yes')
    if (next.stage) out.set('stage', next.stage)
    if (next.section) out.set('section', next.section)
    if (next.kind) out.set('kind', next.kind)
    if (next.words) out.set('words', next.words)
    if (next.page) out.set('page', String(next.page))
    if (next.size !== 25) out.set('size', String(next.size))
    setParams(out, { replace: 'words' in part })
  }
  return [filter, change]
}

/** The filter as the server is asked. */
export function query({ stage, section, kind, words, ...rest }: Filter): WorklistQuery {
  return {
    ...rest,
    ...(stage && { stage }),
    ...(section && { section }),
    ...(kind && { kind }),
    ...(words && { words }),
  }
}
