import { useEffect, useSyncExternalStore } from 'react'

/** A command that the find-anything field offers while a place is open. */
export interface PlaceCommand {
  name: string
  about: string
  words?: string
  run: () => void
}

let offered: PlaceCommand[] = []
const listeners = new Set<() => void>()

function offer(commands: PlaceCommand[]) {
  offered = commands
  for (const listener of listeners) listener()
}

/** Offers commands for as long as the place that calls it is open. */
export function useOffer(commands: PlaceCommand[]) {
  useEffect(() => {
    offer(commands)
    return () => offer([])
  }, [commands])
}

export function useOffered(): PlaceCommand[] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => offered,
  )
}
