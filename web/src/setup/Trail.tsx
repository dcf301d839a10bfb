import { useInfiniteQuery } from '@tanstack/react-query'
import { answer, client } from '../shared/api/client'
import { Button } from '../shared/ui/Button'
import { moment } from '../shared/ui/time'

/** What was done to the site as a whole, and by whom. Nobody can change it. */
export function Trail() {
  const trail = useInfiniteQuery({
    queryKey: ['trail'],
    queryFn: ({ pageParam }) =>
      answer(
        client.GET('/editor/api/people/trail', {
          params: { query: pageParam === undefined ? {} : { before: pageParam } },
        }),
      ),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (last) => last.rows.at(-1)?.id,
  })
  const rows = trail.data?.pages.flatMap((p) => p.rows) ?? []
  return (
    <section className="grid gap-3 md:col-span-2" aria-label="What was done">
      <h2 className="font-semibold font-serif text-large">What was done</h2>
      <p className="max-w-3xl text-soft">
        Sign-ins, refused tries, changes of people and set-up, archives out and in. Rows are only ever added.
      </p>
      {!rows.length && <p>Nothing yet.</p>}
      {rows.length > 0 && (
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keys.
        <div className="max-h-96 overflow-auto border border-line" tabIndex={0} role="region" aria-label="The trail">
          <table className="w-full bg-sheet">
            <thead className="sticky top-0 bg-paper text-left">
              <tr>
                {['When', 'Who', 'What', 'About', 'From'].map((h) => (
                  <th key={h} scope="col" className="px-3 py-1.5 font-semibold">
                    {h}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((r) => (
                <tr key={r.id} className="border-line border-t align-baseline">
                  <td className="whitespace-nowrap px-3 py-1.5">{moment(r.at)}</td>
                  <td className="px-3 py-1.5">{r.who}</td>
                  <td className="px-3 py-1.5">{r.what}</td>
                  <td className="px-3 py-1.5">{r.about}</td>
                  <td className="px-3 py-1.5 text-soft">{r.address}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {trail.hasNextPage && (
        <Button className="justify-self-start" onClick={() => trail.fetchNextPage()}>
          Show earlier ones
        </Button>
      )}
    </section>
  )
}
