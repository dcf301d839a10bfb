import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { useRefresh, useWriting } from '../../shared/api/queries'
import type { ToolsetStanding } from '../../shared/api/types'
import { on } from '../../shared/form/change'
import { Button, TextButton } from '../../shared/ui/Button'
import { useWhere } from './Uses'

// It comes with the whole writing surface, which nobody needs for a look at the set-up.
const ToolsetEditor = lazy(() => import('./ToolsetEditor'))

type Doing = { what: 'new' } | { what: 'change'; standing: ToolsetStanding }

/** The toolsets of the site: which tools its texts offer, and to whom. */
export function ToolsetList({ blocked }: { blocked: string }) {
  const refresh = useRefresh()
  const writing = useWriting()
  const where = useWhere()
  const [doing, setDoing] = useState<Doing | null>(null)
  const [gone, setGone] = useState<ToolsetStanding | null>(null)
  const [told, setTold] = useState('')
  const [problem, setProblem] = useState('')
  const toolsets = useQuery({ queryKey: ['toolsets'], queryFn: () => answer(client.GET('/editor/api/toolsets')) })
  const all = toolsets.data ?? []

  async function done(sentence: string) {
    setDoing(null)
    setTold(sentence)
    await refresh()
  }

  async function act(work: () => Promise<unknown>) {
    setProblem('')
    try {
      await work()
      await refresh()
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  const remove = (standing: ToolsetStanding) =>
    act(async () => {
      const path = { name: standing.toolset.name }
      await answer(client.DELETE('/editor/api/toolsets/{name}', { params: { path, header: on(standing.revision) } }))
      setGone(standing)
    })

  const bringBack = ({ toolset }: ToolsetStanding) =>
    act(async () => {
      await answer(client.POST('/editor/api/toolsets', { body: toolset }))
      setGone(null)
    })

  return (
    <section aria-label="Toolsets" className="grid grid-cols-[minmax(0,1fr)] gap-3">
      <h2 className="font-semibold font-serif text-large">Toolsets</h2>
      <p className="text-soft">
        Which tools a text offers. Texts without one offer every tool there is. What stands in a text already stays,
        whatever its toolset says, until somebody takes it out.
      </p>
      {toolsets.error && (
        <p role="alert" className="text-rust">
          {toolsets.error.message} <TextButton onClick={() => toolsets.refetch()}>Try again</TextButton>
        </p>
      )}
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
      {gone && (
        <p role="status">
          “{gone.toolset.label}” is gone; its texts offer what is next to it.{' '}
          <TextButton onClick={() => bringBack(gone)}>Undo</TextButton>
        </p>
      )}
      {toolsets.data?.length === 0 && !doing && <p>There is none yet: every text offers every tool.</p>}
      <ul className="grid">
        {all.map((s) => (
          <li key={s.toolset.name} className="flex flex-wrap items-baseline gap-x-4 border-line border-t py-2">
            <p className="min-w-0 flex-1">
              <b>{s.toolset.label}</b> <span className="text-soft">{s.toolset.about}</span>
              <span className="block text-small text-soft">
                {s.toolset.uses.map(where).join(' · ') || 'Holds nowhere yet'}
              </span>
            </p>
            {!blocked && (
              <>
                <TextButton
                  aria-label={`Change the toolset “${s.toolset.label}”`}
                  onClick={() => setDoing({ what: 'change', standing: s })}
                >
                  Change
                </TextButton>
                <TextButton aria-label={`Take the toolset “${s.toolset.label}” away`} onClick={() => remove(s)}>
                  Take away
                </TextButton>
              </>
            )}
          </li>
        ))}
      </ul>
      {!blocked && !doing && toolsets.data && (
        <p className="flex items-center gap-3">
          <Button onClick={() => setDoing({ what: 'new' })}>New toolset</Button>
          <span role="status">{told}</span>
        </p>
      )}
      {doing && writing.data && (
        <Suspense fallback={<p className="text-soft">Opening the toolset …</p>}>
          <ToolsetEditor
            key={doing.what === 'change' ? doing.standing.toolset.name : ''}
            standing={doing.what === 'change' ? doing.standing : undefined}
            taken={all.map((s) => s.toolset.name)}
            writing={writing.data}
            onDone={() => done(doing.what === 'new' ? 'The toolset is there.' : 'Changed. Open benches follow it now.')}
            onClose={() => setDoing(null)}
          />
        </Suspense>
      )}
    </section>
  )
}
