import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answer, client } from '../../shared/api/client'
import type { KindRules } from '../../shared/api/types'
import { Button } from '../../shared/ui/Button'
import { ItemPick, useTitles } from '../../shared/ui/ItemPick'
import { LevelIcon } from '../../shared/ui/LevelIcon'

/** What rules set in this way would find, before they hold: in one item, and in everything live. */
export function TryRules({ kinds }: { kinds: KindRules[] }) {
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-6 border border-line bg-sheet p-4 md:grid-cols-2">
      <OnItem kinds={kinds} />
      <OnEverything key={JSON.stringify(kinds)} kinds={kinds} />
    </div>
  )
}

function OnItem({ kinds }: { kinds: KindRules[] }) {
  const [key, setKey] = useState('')
  const title = useTitles(key ? [key] : [])
  const tried = useQuery({
    queryKey: ['rules-tried', key, kinds],
    queryFn: () =>
      answer(
        client.POST('/editor/api/items/{key}/rules-tried', { params: { path: { key } }, body: { kinds, version: '' } }),
      ),
    enabled: Boolean(key),
    retry: false,
  })
  return (
    <section aria-label="Try them on an item" className="grid content-start gap-2">
      <ItemPick label="Try them on an item" hint="A few letters of its title. Nothing is changed." onPick={setKey} />
      {key && <p className="font-semibold">{title(key)}</p>}
      {tried.error && (
        <p role="alert" className="text-rust">
          {tried.error.message}
        </p>
      )}
      {tried.data && (
        <p role="status">
          {tried.data.length ? `${tried.data.length} marks:` : 'No mark. All is well by these rules.'}
        </p>
      )}
      <ul className="grid gap-1">
        {tried.data?.map((f, i) => (
          <li key={i} className="grid grid-cols-[auto_1fr] gap-2">
            <span className="pt-1">
              <LevelIcon level={f.level} />
            </span>
            <span>
              {f.message} <span className="text-soft">{f.why}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function OnEverything({ kinds }: { kinds: KindRules[] }) {
  const [id, setId] = useState(0)
  const [problem, setProblem] = useState('')
  const path = { id }
  const found = useQuery({
    queryKey: ['rules-trial', id],
    queryFn: () => answer(client.GET('/editor/api/rules/trials/{id}', { params: { path } })),
    enabled: id > 0,
    refetchInterval: (q) => (q.state.data?.running ? 400 : false),
    retry: false,
  })
  const now = found.data
  async function act(work: () => Promise<unknown>) {
    setProblem('')
    try {
      await work()
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  const begin = () =>
    act(async () => {
      const begun = await answer(client.POST('/editor/api/rules/trials', { body: { kinds, version: '' } }))
      setId(begun.id)
    })
  const stop = () =>
    act(async () => {
      await answer(client.DELETE('/editor/api/rules/trials/{id}', { params: { path } }))
      await found.refetch()
    })
  const told = problem || now?.problem || found.error?.message
  return (
    <section aria-label="What they mean for what is live" className="grid content-start gap-2">
      <p className="font-semibold">What they mean for what is live</p>
      <p className="text-small text-soft">How many items that are live could not go live as they are.</p>
      <p className="flex flex-wrap items-center gap-3">
        {now?.running ? (
          <Button onClick={stop}>Stop</Button>
        ) : (
          <Button onClick={begin}>Look through what is live</Button>
        )}
        <span role="status">
          {now?.running
            ? `${now.done} of ${now.total} …`
            : now?.found
              ? `${now.stopped ? 'Stopped. ' : ''}${now.found.falling} of ${now.found.items} would fall short.`
              : ''}
        </span>
      </p>
      {told && (
        <p role="alert" className="text-rust">
          {told}
        </p>
      )}
      <ul className="grid gap-1">
        {now?.found?.some.map((s) => (
          <li key={s.key}>
            <Link to={`/items/${s.key}`} className="font-semibold hover:underline">
              {s.title}
            </Link>{' '}
            <span className="text-soft">{s.needs}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
