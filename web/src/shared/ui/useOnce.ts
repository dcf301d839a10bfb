import { useRef } from 'react'

/** Runs what it is given, unless what it ran before is still under way: pressed twice, a thing is done once. */
export function useOnce() {
  const busy = useRef(false)
  return async (work: () => unknown) => {
    if (busy.current) return
    busy.current = true
    try {
      await work()
    } finally {
      busy.current = false
    }
  }
}
