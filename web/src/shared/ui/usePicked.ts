import { useState } from 'react'

/**
 * Which entry of a list that is looked through by letters is picked: the one somebody went to, else the first. Entries can
 * come after the letters; whoever types without looking and presses Enter then gets the first all the same.
 *
 * @param ids the entries that can be taken, in their order
 */
export function usePicked(ids: string[]): { value: string; onValueChange: (id: string) => void } {
  const [gone, setGone] = useState('')
  return { value: ids.includes(gone) ? gone : (ids[0] ?? ''), onValueChange: setGone }
}
