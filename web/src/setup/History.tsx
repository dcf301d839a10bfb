import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { moment } from '../shared/ui/time'

/** Who changed a part of the set-up, and when; fetched once somebody wants to know. */
export function History({ of, word }: { of: string; word: string }) {
  const [open, setOpen] = useState(false)
  const changes = useQuery({
    queryKey: ['set-up-history', word],
    queryFn: () => answer(client.GET('/editor/api/set-up/history', { params: { query: { word } } })),
    enabled: open,
  })
  return (
    <details className="mt-3" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="w-fit cursor-pointer text-small text-soft" aria-label={`Who changed: ${of}`}>
        Who changed this, and when
      </summary>
      {changes.data?.length === 0 && <p className="text-soft">Nobody has yet.</p>}
      {changes.error && <p className="text-rust">{changes.error.message}</p>}
      <ul className="max-h-48 overflow-auto">
        {changes.data?.map((c, i) => (
          <li key={i} className="text-soft">
            {moment(c.at)}: {c.who}, {c.about}
          </li>
        ))}
      </ul>
    </details>
  )
}
