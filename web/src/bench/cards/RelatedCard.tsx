import { useQuery } from '@tanstack/react-query'
import { answer, client } from '../../shared/api/client'
import { TextButton } from '../../shared/ui/Button'
import { useFieldValue } from '../own/OneField'
import { texts } from '../own/props'
import { useBench, useSaved } from '../state/context'
import { Standard } from './Standard'

/** Related items: picked by hand, and offered with why. */
export function RelatedCard() {
  const { saver } = useBench()
  const revision = useSaved((now) => now.state.revision)
  const [value, set] = useFieldValue('related.items')
  const picked = texts(value)
  const path = { key: saver.key }
  const found = useQuery({
    queryKey: ['related', saver.key, revision],
    queryFn: () => answer(client.GET('/editor/api/items/{key}/related', { params: { path } })),
    placeholderData: (before) => before,
  })
  const offers = (found.data ?? []).filter((o) => !picked.includes(o.key))
  return (
    <>
      <Standard name="related.items" />
      <section aria-label="Offered" className="grid gap-1">
        <p className="font-semibold">Offered</p>
        {offers.length ? (
          <ul className="grid gap-2">
            {offers.map((o) => (
              <li key={o.key} className="grid grid-cols-[1fr_auto] gap-x-3">
                <span>{o.title || 'Untitled'}</span>
                <TextButton aria-label={`Add ${o.title}`} onClick={() => set([...picked, o.key])}>
                  Add
                </TextButton>
                <span className="col-span-2 text-small text-soft">
                  {o.kindLabel}: {o.reason}
                </span>
              </li>
            ))}
          </ul>
        ) : (
          <p className="text-soft">
            {found.isPending ? 'Looking …' : 'Nothing that is live has topics, keywords, links or words in common yet.'}
          </p>
        )}
      </section>
    </>
  )
}
