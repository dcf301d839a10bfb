/** What takes the place of a stretch of a text, as positions in characters. */
export interface Change {
  from: number
  to: number
  insert: string
}

/** The one stretch in which a text differs from another, and what is there in the other. */
export function changeBetween(before: string, after: string): Change {
  const shorter = Math.min(before.length, after.length)
  let from = 0
  while (from < shorter && before[from] === after[from]) from++
  let same = 0
  while (same < shorter - from && before[before.length - 1 - same] === after[after.length - 1 - same]) same++
  return { from, to: before.length - same, insert: after.slice(from, after.length - same) }
}

/**
 * What has to be changed in a text that somebody is typing, so that it has what another has become too; null where both
 * changed the same place.
 *
 * @param base what both began from
 */
export function changeOnto(typed: string, base: string, theirs: string): Change | null {
  const mine = changeBetween(base, typed)
  const other = changeBetween(base, theirs)
  if (typed === base || other.to < mine.from) return other
  if (other.from <= mine.to) return null
  const shift = mine.insert.length - (mine.to - mine.from)
  return { ...other, from: other.from + shift, to: other.to + shift }
}
