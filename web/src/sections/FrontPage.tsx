import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import type { Site } from '../shared/api/types'
import { changeOn, on } from '../shared/form/change'
import { beginText } from './begunText'
import { Composed } from './Composed'

/** What the front page shows. */
export function FrontPage({ site }: { site: Site }) {
  const refresh = useRefresh()
  const [front, setFront] = useState(site.front)
  const [problem, setProblem] = useState('')
  async function set(part: Partial<Site['front']>) {
    const next = { ...front, ...part }
    setFront(next)
    setProblem('')
    try {
      await changeOn(site.front, Object.keys(part) as (keyof Site['front'])[], (now) =>
        answer(
          client.PUT('/editor/api/site/front', { params: { header: on(now.revision) }, body: { ...now, ...part } }),
        ),
      )
      refresh()
    } catch (error) {
      setFront(front)
      setProblem((error as Error).message)
    }
  }
  const begin = async () => set({ composed: await beginText({ title: site.name, section: '' }) })
  return (
    <section className="mt-8 max-w-2xl" aria-label="Front page">
      <h2 className="mb-1 font-semibold font-serif text-large">Front page</h2>
      <p className="mb-3 text-soft">It lists the latest items of all sections.</p>
      <Composed composed={front.composed} listed={front.listed} set={set} begin={begin} />
      {problem && (
        <p role="alert" className="mt-2 text-rust">
          {problem}
        </p>
      )}
    </section>
  )
}
