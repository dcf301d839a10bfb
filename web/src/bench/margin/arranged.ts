/** What is left free between marks, in pixels. */
export const GAP = 10

/**
 * Where marks stand when each wants to stand level with its block, and a card must not be covered.
 *
 * @param last how far down can be brought into sight: a mark that would end below it stands higher
 */
export function arranged(
  wanted: number[],
  heights: number[],
  card: { top: number; height: number } | null,
  last: number,
): number[] {
  let free = GAP
  const tops = wanted.map((level, i) => {
    let top = Math.max(level, free)
    if (card && top + heights[i] + GAP > card.top && top < card.top + card.height + GAP) {
      top = card.top + card.height + GAP
    }
    free = top + heights[i] + GAP
    return top
  })
  // Beside a card there is no other place for them.
  let end = card ? Number.POSITIVE_INFINITY : last
  let above = heights.reduce((sum, height) => sum + height + GAP, GAP)
  for (let i = tops.length - 1; i >= 0; i--) {
    above -= heights[i] + GAP
    tops[i] = Math.max(above, Math.min(tops[i], end - heights[i] - GAP))
    end = tops[i]
  }
  return tops
}
