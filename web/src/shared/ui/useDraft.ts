import { useState } from 'react'

/**
 * Settings while somebody changes them: what the server has until the first change, then what was
 * typed. An answer that comes late never writes over what was typed.
 */
export function useDraft<T>(stored: T | undefined, blank: T): [T, (next: T | undefined) => void] {
  const [typed, setTyped] = useState<T>()
  return [typed ?? stored ?? blank, setTyped]
}
