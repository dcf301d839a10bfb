/**
 * A mark with where it is in the text.
 *
 * @property place the position in the document, or null for one of a field, or of the text as a whole
 */
export interface PlacedMark {
  id: string
  place: number | null
}

/**
 * The mark to which a key leads. It goes on from the mark somebody came to as long as the cursor is where it was put then;
 * once somebody has gone elsewhere in the text, from the cursor.
 *
 * @param marks in the order in which they are walked
 * @param at the mark somebody came to last, or empty
 * @param cursor where the cursor is, or null where that says nothing: while somebody is still at the mark, or elsewhere than in the text
 * @param by 1 for the next one, -1 for the one before
 */
export function nextMark<M extends PlacedMark>(
  marks: M[],
  at: string,
  cursor: number | null,
  by: 1 | -1,
): M | undefined {
  const last = marks.findIndex((m) => m.id === at)
  if (cursor === null) {
    const from = last < 0 && by < 0 ? 0 : last
    return marks[(from + by + marks.length) % marks.length]
  }
  const inText = marks.filter((m): m is M & { place: number } => m.place !== null)
  const beyond = inText.filter((m) => (by > 0 ? m.place >= cursor : m.place < cursor))
  const nearest = (a: M & { place: number }, b: M & { place: number }) =>
    by > 0 ? a.place - b.place : b.place - a.place
  // Past the last of the text one begins again with the first of all.
  return beyond.sort(nearest)[0] ?? (by > 0 ? marks[0] : marks[marks.length - 1])
}
