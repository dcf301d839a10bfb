/** Which way lines run. */
export type Direction = 'ltr' | 'rtl'

/** Scripts written from right to left, by the blocks Unicode keeps for them. */
const fromRight = /[\u0590-\u08FF\u200F\uFB1D-\uFDFF\uFE70-\uFEFF\u{10800}-\u{10FFF}\u{1E800}-\u{1EFFF}]/u
const letter = /[\p{L}\p{Nl}\p{Mc}\u200E\u200F\u061C]/u
const opens = /[\u2066-\u2068]/
const closes = '\u2069'

/**
 * The direction of the first letter, what stands between an isolate's marks left out: rules P2 and P3 of Unicode
 * Standard Annex #9. The core has the same rule; examples for both stand in one file.
 */
export function firstStrong(text: string): Direction | '' {
  let isolates = 0
  for (const c of text) {
    if (c === closes) isolates = Math.max(0, isolates - 1)
    else if (opens.test(c)) isolates++
    else if (!isolates && letter.test(c)) return fromRight.test(c) || c === '\u061C' ? 'rtl' : 'ltr'
  }
  return ''
}
