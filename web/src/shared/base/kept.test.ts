import { afterEach, describe, expect, it, vi } from 'vitest'
import { keep, readKept } from './kept'

describe('what this browser keeps', () => {
  afterEach(() => localStorage.clear())

  it('is read as it was kept', () => {
    expect(keep('a', { words: ['ü', 'ß'] })).toBe(true)
    expect(readKept('a', null)).toEqual({ words: ['ü', 'ß'] })
  })

  it('is nothing where it cannot be read', () => {
    localStorage.setItem('a', '{torn')
    expect(readKept('a', 'otherwise')).toBe('otherwise')
    expect(readKept('never kept', 7)).toBe(7)
  })

  it('says so where the store is full', () => {
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError')
    })
    expect(keep('a', 'x')).toBe(false)
  })
})
