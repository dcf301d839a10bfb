import { useQueries, useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { answer, client } from '../api/client'
import { Combobox } from './Combobox'

/** The titles of items by their keys; the key itself of one that is not there any more. */
export function useTitles(keys: string[]): (key: string) => string {
  const found = useQueries({
    queries: keys.map((key) => ({
      queryKey: ['title', key],
      queryFn: () => answer(client.GET('/editor/api/items/{key}', { params: { path: { key } } })),
      retry: false,
    })),
  })
  return (key) => {
    const one = found[keys.indexOf(key)]
    return one?.data?.content.title || (one?.isError ? 'An item that is not there any more' : key)
  }
}

interface Props {
  label: string
  hint: ReactNode
  onPick: (key: string) => void
}

/** Finds an item by a few letters, and picks it. */
export function ItemPick({ label, hint, onPick }: Props) {
  const [words, setWords] = useState('')
  const found = useQuery({
    queryKey: ['find', words],
    queryFn: () => answer(client.GET('/editor/api/worklist', { params: { query: { size: 8, words } } })),
    enabled: words.trim().length > 1,
  })
  return (
    <Combobox
      label={label}
      hint={hint}
      value={words}
      onChange={setWords}
      choices={(words.trim().length > 1 ? (found.data?.rows ?? []) : []).map((r) => ({
        id: r.key,
        label: r.title || 'Untitled',
        about: `${r.kindLabel}, ${r.stageLabel.toLowerCase()}`,
      }))}
      onPick={(c) => {
        onPick(c.id)
        setWords('')
      }}
    />
  )
}
