import { useSyncExternalStore } from 'react'

function subscribe(listener: () => void) {
  addEventListener('resize', listener)
  return () => removeEventListener('resize', listener)
}

/** The width of the window in CSS pixels, as zoom makes it. */
export function useWidth(): number {
  return useSyncExternalStore(subscribe, () => innerWidth)
}
