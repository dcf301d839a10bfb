import { useNavigate } from 'react-router'
import { answer, client } from '../api/client'
import { useRefresh } from '../api/queries'
import type { Kind } from '../api/types'

/** The state of the address that says that an item was only just begun, so that its title waits to be written. */
export interface Begun {
  begun: true
  /** What is to be told of it, in a sentence. */
  told?: string
}

/** Opens an item that was only just begun. */
export function useOpenNew() {
  const navigate = useNavigate()
  const refresh = useRefresh()
  return (key: string, told?: string) => {
    refresh()
    const state: Begun = { begun: true, told }
    navigate(`/items/${key}`, { state })
  }
}

/** Begins an item and opens it on the bench. */
export function useNewItem() {
  const open = useOpenNew()
  return async (kind: Kind, body = '', title = '', outline?: number) => {
    const made = await answer(client.POST('/editor/api/items', { body: { kind, body, title, outline } }))
    open(made.state.key, made.state.taken?.told)
  }
}
