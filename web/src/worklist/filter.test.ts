import { describe, expect, it } from 'vitest'
import { addressOf, all, type Filter, isNarrow, query, read, written } from './filter'

const nothing = read(new URLSearchParams())

/** Each part of a filter with a value it does not have by itself. */
const parts: Partial<Filter>[] = [
  { mine: true },
  { waiting: true },
  { stage: 'LIVE' },
  { section: 'night-sky' },
  { topic: 'meteors' },
  { kind: 'article' },
  { author: 'Ilse Marten & Söhne' },
  { language: 'de' },
  { keyword: 'a=b&c' },
  { rule: 'title-length' },
  { mustFix: true },
  { nowhere: true },
  { expiring: true },
  { from: '2026-11-01' },
  { until: '2026-11-27' },
  { words: 'dark “skies” + 100 %' },
  { order: 'TITLE' },
  { page: 3 },
  { size: 100 },
]

describe('a filter in the address', () => {
  it('has a part here for every part there is', () => {
    expect(new Set(parts.flatMap(Object.keys))).toEqual(new Set(Object.keys(nothing)))
  })

  it.each(parts)('is read as it was written: %o', (part) => {
    const filter = { ...nothing, ...part }
    expect(read(new URLSearchParams(written(filter).toString()))).toEqual(filter)
  })

  it('is empty where nothing is asked for', () => {
    expect(written(nothing).toString()).toBe('')
    expect(isNarrow(nothing)).toBe(false)
  })

  it('begins at the first page where it is handed on', () => {
    expect(addressOf({ ...nothing, section: 'visit', page: 9 })).toBe('section=visit')
  })

  it('takes nothing an address cannot mean', () => {
    const odd = read(new URLSearchParams('page=-1&size=many&order=SIDEWAYS&must-fix=perhaps&unknown=1'))
    expect(odd).toEqual(nothing)
  })

  it('is narrow by each part that narrows, and by no other', () => {
    for (const part of parts) {
      const [name] = Object.keys(part)
      expect(isNarrow({ ...nothing, ...part }), name).toBe(name in all)
    }
  })

  it('asks the server for nothing that is not asked for', () => {
    expect(query(nothing)).toEqual({ mine: false, waiting: false, order: 'BEST', page: 0, size: 25 })
    expect(query({ ...nothing, mustFix: true, words: 'x' })).toMatchObject({ mustFix: true, words: 'x' })
  })
})
