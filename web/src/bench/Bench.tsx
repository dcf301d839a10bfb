import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useParams } from 'react-router'
import { answer, client } from '../shared/api/client'
import { useWriting } from '../shared/api/queries'
import type { ItemView, Writing } from '../shared/api/types'
import { Sheet, type Sources } from '../sheet'
import { BenchScreen } from './BenchScreen'
import { dropBackup, readBackup } from './state/backup'
import { isKept, Saver } from './state/saver'

/** Opens an item on the bench. */
export default function Bench() {
  const { key = '' } = useParams()
  const item = useQuery({
    queryKey: ['bench', key],
    queryFn: () => answer(client.GET('/editor/api/items/{key}', { params: { path: { key } } })),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  })
  const writing = useWriting()
  const failed = item.error ?? writing.error
  if (failed) return <p className="p-8 text-rust">{failed.message}</p>
  if (!item.data || !writing.data) return <p className="p-8 text-soft">Opening the bench …</p>
  return <Opened key={key} item={item.data} writing={writing.data} />
}

const sources: Sources = {
  frameOf: (address) => answer(client.GET('/editor/api/writing/embed', { params: { query: { given: address } } })),
  slug: async (words) => (await answer(client.GET('/editor/api/writing/slug', { params: { query: { words } } }))).text,
  latest: (section, topic, count) =>
    answer(client.GET('/editor/api/writing/latest', { params: { query: { section, topic, count } } })),
}

/** The sheet and what keeps it, together for as long as the item is open. */
function open(item: ItemView, writing: Writing): { sheet: Sheet; saver: Saver } {
  const left = readBackup(item.state.key)
  const fresh = left && !isKept(left, item)
  const sheet = new Sheet(fresh ? left.content.body : item.content.body, item.state.language, writing, sources)
  const saver = new Saver(item, () => sheet.html())
  sheet.hooks.edit = () => saver.touch()
  // A text that never reached the server is shown again, and sent.
  if (fresh) saver.bringBack(left)
  else dropBackup(item.state.key)
  return { sheet, saver }
}

function Opened({ item, writing }: { item: ItemView; writing: Writing }) {
  const [{ sheet, saver }] = useState(() => open(item, writing))
  useEffect(() => saver.subscribe(() => sheet.writeIn(saver.snapshot().state.language)), [saver, sheet])
  useEffect(() => {
    addEventListener('pagehide', saver.leave)
    return () => {
      removeEventListener('pagehide', saver.leave)
      saver.flush()
    }
  }, [saver])
  return <BenchScreen saver={saver} sheet={sheet} />
}
