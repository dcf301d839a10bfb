import { useQuery } from '@tanstack/react-query'
import { answer, client } from './client'
import { useSite } from './queries'
import type { ItemKind, OwnField } from './types'

const none: ItemKind[] = []

/** The kinds of item there are, in the order they are offered. */
export function useKinds(): ItemKind[] {
  return useSite().data?.kinds ?? none
}

/** The kind with this name; undefined while it is not known, or where it is gone. */
export function useKind(name: string): ItemKind | undefined {
  return useKinds().find((k) => k.name === name)
}

/** The fields that every item has besides title, summary and text, by their names; empty while they are fetched. */
export function useStandardFields(): Record<string, OwnField> {
  const cards = useQuery({
    queryKey: ['standard-cards'],
    queryFn: () => answer(client.GET('/editor/api/kinds/standard')),
    staleTime: Number.POSITIVE_INFINITY,
    select: byName,
  })
  return cards.data ?? {}
}

function byName(cards: ItemKind['cards']): Record<string, OwnField> {
  return Object.fromEntries(cards.flatMap((c) => c.fields.map((f) => [f.name, f])))
}
