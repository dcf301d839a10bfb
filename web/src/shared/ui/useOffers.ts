import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { answer, client } from '../api/client'
import type { Choice } from './Combobox'

/** What is typed into a field of words, and the words in use that could be meant. */
export function useOffers(field: 'KEYWORDS' | 'AUTHORS', [typed, setTyped]: [string, (words: string) => void]) {
  const begins = typed.trim()
  const found = useQuery({
    queryKey: ['words-in-use', field, begins],
    queryFn: () =>
      answer(client.GET('/editor/api/words-in-use/{field}', { params: { path: { field }, query: { begins } } })),
    enabled: begins.length > 0,
    placeholderData: keepPreviousData,
  })
  const offers: Choice[] = (begins ? (found.data ?? []) : []).map((w) => ({
    id: w.word,
    label: w.word,
    about: w.items === 1 ? 'one item' : `${w.items} items`,
  }))
  return { typed, setTyped, offers }
}
