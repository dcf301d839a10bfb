import { useQuery } from '@tanstack/react-query'
import { answer, client } from '../shared/api/client'
import { Button } from '../shared/ui/Button'

/** How far an archive has come that is being written or brought in, and a stop; nothing while none is. */
export function Headway({ soon }: { soon: boolean }) {
  const found = useQuery({
    queryKey: ['headway'],
    queryFn: () => answer(client.GET('/editor/api/archive/standing')),
    refetchInterval: (q) => (soon || q.state.data?.length ? 700 : 4000),
  })
  return found.data?.map(({ id, doing, done, total }) => (
    <div key={id} className="flex flex-wrap items-center gap-3 border border-line bg-sheet px-3 py-2">
      <p role="status" className="min-w-0 flex-1">
        {doing}: {done.toLocaleString('en-GB')} of {total.toLocaleString('en-GB')} items
      </p>
      <progress aria-label={doing} value={done} max={Math.max(1, total)} />
      <Button
        onClick={() =>
          // Where it is done already there is nothing to stop.
          client
            .POST('/editor/api/archive/standing/{id}/stop', { params: { path: { id } } })
            .then(() => found.refetch())
        }
      >
        Stop
      </Button>
    </div>
  ))
}
