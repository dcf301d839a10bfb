import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { answer, client } from '../api/client'
import type { BulkProgress } from '../api/types'
import { Button } from './Button'

const words: Record<string, [one: string, several: string]> = {
  CHANGED: ['changed', 'changed'],
  SAME: ['so already', 'so already'],
  REFUSED: ['refused', 'refused'],
  BACK: ['as it was', 'as they were'],
  NOT_BACK: ['not taken back', 'not taken back'],
}

/** How far a change of several items has come, with its report, a stop, and a way back. */
export function BulkStatus({ begun }: { begun: BulkProgress }) {
  const queries = useQueryClient()
  const [problem, setProblem] = useState('')
  const path = { id: begun.id }
  const found = useQuery({
    queryKey: ['bulk', begun.id],
    queryFn: () => answer(client.GET('/editor/api/bulk/{id}', { params: { path } })),
    initialData: begun,
    refetchInterval: (q) => (q.state.data?.state === 'RUNNING' ? 400 : false),
  })
  const now = found.data
  const running = now.state === 'RUNNING'
  useEffect(() => {
    // What was changed is shown elsewhere on the screen too.
    if (!running) queries.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'bulk' })
  }, [running, queries])

  async function press(what: 'stop' | 'undo') {
    setProblem('')
    try {
      const next = await answer(
        what === 'stop'
          ? client.POST('/editor/api/bulk/{id}/stop', { params: { path } })
          : client.POST('/editor/api/bulk/{id}/undo', { params: { path } }),
      )
      queries.setQueryData(['bulk', begun.id], next)
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  const counts = Object.entries(now.counts).filter(([, n]) => n)
  return (
    <section aria-label="What becomes of them" className="grid gap-3">
      <p className="font-semibold">{now.told}</p>
      <p role="status">
        {running
          ? now.undoing
            ? 'Taking it back …'
            : `${now.done} of ${now.total} …`
          : now.state === 'STOPPED'
            ? 'Stopped. '
            : now.state === 'BROKEN'
              ? 'The server went down meanwhile. '
              : 'Done. '}
        {!running && counts.map(([outcome, n]) => `${n} ${words[outcome]?.[n === 1 ? 0 : 1]}`).join(', ')}
      </p>
      {running && !now.undoing && <progress aria-label="Progress" value={now.done} max={Math.max(1, now.total)} />}
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
      {!running && <Lines lines={now.lines} />}
      <div className="flex gap-2">
        {running && <Button onClick={() => press('stop')}>Stop</Button>}
        {now.mayUndo && <Button onClick={() => press('undo')}>Take it back</Button>}
      </div>
    </section>
  )
}

/** What became, or would become, of each item. */
export function Lines({ lines }: { lines: BulkProgress['lines'] }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
    <ul aria-label="Items" className="max-h-64 overflow-auto border-line border-y" tabIndex={0}>
      {lines.map((l, i) => (
        <li key={`${l.key}-${i}`} className="border-line border-b py-1.5 last:border-b-0">
          <p className="font-semibold">{l.title || (l.key ? 'Untitled' : '')}</p>
          <p className={l.outcome === 'REFUSED' || l.outcome === 'NOT_BACK' ? 'text-rust' : 'text-soft'}>{l.told}</p>
        </li>
      ))}
    </ul>
  )
}
