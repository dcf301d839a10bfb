import { describe, expect, it } from 'vitest'
import { type Change, changeBetween, changeOnto } from './change'

const apply = (text: string, { from, to, insert }: Change) => text.slice(0, from) + insert + text.slice(to)

describe('what differs between two texts', () => {
  it.each([
    ['<p>One.</p>', '<p>One.</p>'],
    ['<p>One.</p>', '<p>One. Two.</p>'],
    ['<p>aaa</p>', '<p>aa</p>'],
    ['', '<p>One.</p>'],
    ['<p>One.</p>', ''],
    ['<p>ab</p>\n<p>ab</p>', '<p>ab</p>'],
  ])('%s becomes %s', (before, after) => {
    expect(apply(before, changeBetween(before, after))).toBe(after)
  })
})

describe('a newer text while somebody types', () => {
  const base = 'one two three four'

  it.each([
    ['one and two three four', 'one two three four five', 'one and two three four five'],
    ['one two three fourth', 'zero one two three four', 'zero one two three fourth'],
    ['one two three', 'ONE two three four', 'ONE two three'],
    [base, 'one four', 'one four'],
  ])('%s and %s', (typed, theirs, both) => {
    const change = changeOnto(typed, base, theirs)
    expect(change && apply(typed, change)).toBe(both)
  })

  it('joins nothing at the same place', () => {
    expect(changeOnto('one TWO three four', base, 'one deux three four')).toBeNull()
    expect(changeOnto('one two x three four', base, 'one two y three four')).toBeNull()
  })
})
