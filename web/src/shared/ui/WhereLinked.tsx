import { useQuery } from '@tanstack/react-query'
import { answer, client } from '../api/client'
import type { Outline } from '../api/types'

/** In which items a snippet is linked: all of them change with it. */
export function WhereLinked({ snippet }: { snippet: Outline }) {
  const params = { path: { id: snippet.id } }
  const uses = useQuery({
    queryKey: ['outlines', snippet.id, 'uses'],
    queryFn: () => answer(client.GET('/editor/api/outlines/{id}/uses', { params })),
  })
  if (!uses.data) return <p className="text-soft">{uses.error ? uses.error.message : 'Looking where it stands …'}</p>
  const { items, some } = uses.data
  if (!items) return <p className="text-soft">It is linked nowhere; copies of it stay as they are.</p>
  return (
    <div>
      <p>It is linked in {items === 1 ? 'one item' : `${items} items`}, where readers see the change at once:</p>
      <ul className="max-h-32 list-disc overflow-auto pl-5 text-soft">
        {some.map((i) => (
          <li key={i.key}>{i.title || 'Untitled'}</li>
        ))}
        {items > some.length && <li>and {items - some.length} more</li>}
      </ul>
    </div>
  )
}
