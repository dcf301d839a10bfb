const graphemes = new Intl.Segmenter(undefined, { granularity: 'grapheme' })

/** Characters as a reader counts them; the core counts the same way when it checks. */
export function characters(text: string): number {
  let n = 0
  for (const _ of graphemes.segment(text.trim().replace(/[ \t\n\r\f]+/g, ' '))) n++
  return n
}
