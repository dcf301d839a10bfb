import { useQueries, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { Combobox } from '../../shared/ui/Combobox'
import { Group } from './Group'
import { type EditorProps, texts } from './props'
import { Rows } from './Rows'

/** Other items, found by a few letters of their titles. */
export function ItemsEditor({ field, value, set, problem }: EditorProps) {
  const [words, setWords] = useState('')
  const keys = texts(value)
  const titles = useQueries({
    queries: keys.map((key) => ({
      queryKey: ['title', key],
      queryFn: () => answer(client.GET('/editor/api/items/{key}', { params: { path: { key } } })),
      retry: false,
    })),
  })
  const nameOf = (key: string) => titles[keys.indexOf(key)]?.data?.content.title || key
  const found = useQuery({
    queryKey: ['find', words],
    queryFn: () => answer(client.GET('/editor/api/worklist', { params: { query: { size: 8, words } } })),
    enabled: words.trim().length > 1,
  })
  return (
    <Group field={field} problem={problem}>
      <Rows label={field.label} list={keys} nameOf={nameOf} set={(next) => set(next.length ? next : undefined)}>
        {(key) => <span className="truncate">{nameOf(key)}</span>}
      </Rows>
      <Combobox
        label={`Add to “${field.label}”`}
        hint="A few letters of its title. Readers see it once it is live."
        value={words}
        onChange={setWords}
        choices={(words.trim().length > 1 ? (found.data?.rows ?? []) : []).map((r) => ({
          id: r.key,
          label: r.title || 'Untitled',
          about: r.kindLabel,
        }))}
        onPick={(c) => {
          if (!keys.includes(c.id)) set([...keys, c.id])
          setWords('')
        }}
      />
    </Group>
  )
}
