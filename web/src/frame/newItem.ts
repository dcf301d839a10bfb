import { useNavigate } from 'react-router'
import { api } from '../api/client'
import { useRefresh } from '../api/queries'
import type { ItemView, Kind } from '../api/types'

export const kinds: { kind: Kind; label: string; about: string }[] = [
  { kind: 'ARTICLE', label: 'Article', about: 'A longer text that keeps its worth' },
  { kind: 'POST', label: 'Post', about: 'News of the day, listed by date' },
  { kind: 'PAGE', label: 'Page', about: 'A fixed page, such as how to get there' },
]

/** Begins an item and opens it on the bench. */
export function useNewItem() {
  const navigate = useNavigate()
  const refresh = useRefresh()
  return async (kind: Kind, body?: string, title?: string) => {
    const made = await api.post<ItemView>('/items', { kind, body, title })
    refresh()
    navigate(`/items/${made.state.key}`)
  }
}
