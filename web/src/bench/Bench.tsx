import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useParams } from 'react-router'
import { api } from '../api/client'
import type { ItemView } from '../api/types'
import { BenchScreen } from './BenchScreen'
import { dropBackup, readBackup } from './backup'
import { isKept, Saver } from './saver'
import { Sheet } from './sheet/store'

/** Opens an item on the bench. */
export default function Bench() {
  const { key = '' } = useParams()
  const item = useQuery({
    queryKey: ['bench', key],
    queryFn: () => api.get<ItemView>(`/items/${key}`),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  })
  if (item.isError) return <p className="p-8 text-rust">{item.error.message}</p>
  if (!item.data) return <p className="p-8 text-soft">Opening the bench …</p>
  return <Opened key={key} item={item.data} />
}

/** The sheet and what keeps it, together for as long as the item is open. */
function open(item: ItemView): { sheet: Sheet; saver: Saver } {
  const left = readBackup(item.state.key)
  const fresh = left && !isKept(left, item)
  const sheet = new Sheet(fresh ? left.content.body : item.content.body)
  const saver = new Saver(item, () => sheet.html())
  sheet.onEdit = () => saver.touch()
  // A text that never reached the server is shown again, and sent.
  if (fresh) saver.bringBack(left)
  else dropBackup(item.state.key)
  return { sheet, saver }
}

function Opened({ item }: { item: ItemView }) {
  const [{ sheet, saver }] = useState(() => open(item))
  useEffect(() => {
    addEventListener('pagehide', saver.leave)
    return () => {
      removeEventListener('pagehide', saver.leave)
      saver.flush()
    }
  }, [saver])
  return <BenchScreen saver={saver} sheet={sheet} />
}
