import { useEffect } from 'react'
import { Store, useStore } from '../base/store'

/** A command that the find-anything field offers while a place is open. */
export interface PlaceCommand {
  name: string
  about: string
  words?: string
  run: () => void
}

const offered = new Store<PlaceCommand[]>([])

/** Offers commands for as long as the place that calls it is open. */
export function useOffer(commands: PlaceCommand[]) {
  useEffect(() => {
    offered.set(commands)
    return () => offered.set([])
  }, [commands])
}

/** The commands of the place that is open. */
export function useOffered(): PlaceCommand[] {
  return useStore(offered)
}
