import { useSite } from './queries'
import type { ItemKind } from './types'

const none: ItemKind[] = []

/** The kinds of item there are, in the order they are offered. */
export function useKinds(): ItemKind[] {
  return useSite().data?.kinds ?? none
}

/** The kind with this name; undefined while it is not known, or where it is gone. */
export function useKind(name: string): ItemKind | undefined {
  return useKinds().find((k) => k.name === name)
}
