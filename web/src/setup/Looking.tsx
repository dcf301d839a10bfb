import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { Button } from '../shared/ui/Button'

/** How far Blenner has come with looking again at the items a snippet is in; nothing where there are none left. */
export function Looking() {
  const queries = useQueryClient()
  const [problem, setProblem] = useState('')
  const found = useQuery({
    queryKey: ['looking'],
    queryFn: () => answer(client.GET('/editor/api/looking')),
    refetchInterval: (q) => (q.state.data?.left ? 1000 : 5000),
  })
  if (!found.data?.left) return null
  const { left, stopped } = found.data
  async function set(stop: boolean) {
    setProblem('')
    try {
      queries.setQueryData(['looking'], await answer(client.PUT('/editor/api/looking', { body: { stopped: stop } })))
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  return (
    <div className="flex flex-wrap items-center gap-3 border border-line bg-sheet px-3 py-2">
      <p role="status" className="min-w-0 flex-1">
        Readers see what was changed already. {left === 1 ? 'One item is' : `${left} items are`} still to be looked
        over, so that search and the marks know it too{stopped ? '; that is stopped.' : '.'}
      </p>
      <Button onClick={() => set(!stopped)}>{stopped ? 'Go on' : 'Stop'}</Button>
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
    </div>
  )
}
