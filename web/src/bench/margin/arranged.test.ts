import { expect, test } from 'vitest'
import { arranged, GAP } from './arranged'

/** Whether none covers the next. */
function apart(tops: number[], heights: number[]) {
  return tops.every((top, i) => i === 0 || top >= tops[i - 1] + heights[i - 1] + GAP)
}

test('marks stand level with what they concern, one below the other where two want one place', () => {
  expect(arranged([50, 200, 200], [60, 60, 60], null, 1000)).toEqual([50, 200, 270])
})

test('the last mark ends within what can be brought into sight, also once it has grown', () => {
  expect(arranged([50, 340], [60, 200], null, 400)).toEqual([50, 190])
  expect(arranged([300, 340], [60, 60], null, 400)).toEqual([260, 330])
})

test('where there are too many for the room, they begin at the top and none covers another', () => {
  const heights = [100, 100, 100, 100]
  const tops = arranged([0, 0, 900, 900], heights, null, 300)
  expect(tops[0]).toBe(GAP)
  expect(apart(tops, heights)).toBe(true)
})

test('a card is not covered', () => {
  expect(arranged([50, 120], [60, 60], { top: 100, height: 80 }, 200)).toEqual([190, 260])
})
