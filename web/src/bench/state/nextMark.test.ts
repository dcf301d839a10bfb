import { describe, expect, it } from 'vitest'
import { nextMark } from './nextMark'

const marks = [
  { id: 'title', place: null },
  { id: 'a', place: 5 },
  { id: 'b', place: 40 },
  { id: 'c', place: 40 },
  { id: 'd', place: 90 },
]

const walk = (at: string, cursor: number | null, by: 1 | -1) => nextMark(marks, at, cursor, by)?.id

describe('walking from mark to mark', () => {
  it('goes round all of them, those of fields too', () => {
    const way: (string | undefined)[] = []
    let at = ''
    for (let i = 0; i < 6; i++) {
      at = walk(at, null, 1) ?? ''
      way.push(at)
    }
    expect(way).toEqual(['title', 'a', 'b', 'c', 'd', 'title'])
    expect(walk('title', null, -1)).toBe('d')
    expect(walk('', null, -1)).toBe('d')
  })

  it('goes on from the cursor once it is elsewhere', () => {
    expect(walk('a', 50, 1)).toBe('d')
    expect(walk('d', 6, 1)).toBe('b')
    expect(walk('a', 50, -1)).toBe('b')
    expect(walk('d', 40, 1)).toBe('b')
  })

  it('begins again past the last and before the first', () => {
    expect(walk('b', 91, 1)).toBe('title')
    expect(walk('b', 2, -1)).toBe('d')
  })

  it('leads nowhere where there is none', () => {
    expect(nextMark([], '', 3, 1)).toBeUndefined()
    expect(nextMark([], '', null, 1)).toBeUndefined()
  })
})
