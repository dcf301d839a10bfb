import { describe, expect, it } from 'vitest'
import { moved, movedBefore } from './lists'

describe('a list with one of its things at another place', () => {
  it('moves in both directions and loses nothing', () => {
    const list = ['a', 'b', 'c', 'd']
    for (let from = 0; from < list.length; from++) {
      for (let to = 0; to < list.length; to++) {
        const next = moved(list, from, to)
        expect([...next].sort()).toEqual(list)
        expect(next[to]).toBe(list[from])
      }
    }
    expect(list).toEqual(['a', 'b', 'c', 'd'])
  })

  it('leaves a list alone where there is nothing to move', () => {
    expect(moved(['a'], 5, 0)).toEqual(['a'])
    expect(moved([], 0, 0)).toEqual([])
  })

  it('puts one before another, or at the end', () => {
    expect(movedBefore(['a', 'b', 'c'], 'c', 'a')).toEqual(['c', 'a', 'b'])
    expect(movedBefore(['a', 'b', 'c'], 'a', null)).toEqual(['b', 'c', 'a'])
    expect(movedBefore(['a', 'b', 'c'], 'a', 'x')).toEqual(['a', 'b', 'c'])
  })
})
