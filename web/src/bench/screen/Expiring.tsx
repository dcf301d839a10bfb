import { useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { changeOn, on } from '../../shared/form/change'
import { useBench, useSaved } from '../state/context'

/** What readers soon cease to see in this item, with a press that lets them see it a year longer. */
export function Expiring() {
  const { saver } = useBench()
  const expiring = useSaved((now) => now.state.expiring)
  const [problem, setProblem] = useState('')

  async function extend(name: string) {
    setProblem('')
    try {
      const path = { name }
      const page = await answer(client.GET('/editor/api/assets/{name}', { params: { path } }))
      await changeOn(page, ['expires'], (now) =>
        answer(client.POST('/editor/api/assets/{name}/extend', { params: { path, header: on(now.revision) } })),
      )
      await saver.alone(async () => {
        const params = { path: { key: saver.key } }
        saver.adoptState((await answer(client.GET('/editor/api/items/{key}', { params }))).state)
      })
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  if (!expiring.length) return null
  return (
    <ul aria-label="What expires" className="border-line border-b bg-straw px-5 py-1.5">
      {expiring.map((e) => (
        <li key={e.asset} className="flex flex-wrap items-center gap-3">
          {e.sentence}
          <button type="button" className="underline" onClick={() => extend(e.asset)}>
            A year longer
          </button>
        </li>
      ))}
      {problem && <li role="alert">{problem}</li>}
    </ul>
  )
}
