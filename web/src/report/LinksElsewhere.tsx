import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answer, client } from '../shared/api/client'
import { useRight } from '../shared/api/queries'
import { EVERY, holds, withRule } from '../shared/api/standards'
import type { OutsidePlace, RuleSetting } from '../shared/api/types'
import { changeOn, on } from '../shared/form/change'
import { Button, TextButton } from '../shared/ui/Button'
import { LevelIcon } from '../shared/ui/LevelIcon'
import { Place } from '../shared/ui/Place'
import { ago, useNow } from '../shared/ui/time'
import { useTitle } from '../shared/ui/useTitle'

type Verdict = NonNullable<OutsidePlace['verdict']>

const KEY = ['outside']

const verdicts: [Verdict, string][] = [
  ['BROKEN', 'Broken'],
  ['DOUBTFUL', 'In doubt'],
  ['THERE', 'Answers'],
]

/** The rules for whose sake places elsewhere are asked, and what they weigh where somebody turns them all on. */
const rules: [string, RuleSetting['weight']][] = [
  ['link-broken', 'ADVISED'],
  ['link-doubtful', 'LOOK'],
  ['link-moved', 'ADVISED'],
  ['link-not-secure', 'ADVISED'],
]

/** Turns on what asks places elsewhere, for every kind, and leaves all other rules as they are. */
async function turnOn() {
  const before = await answer(client.GET('/editor/api/rules'))
  await changeOn(before, 'any', ({ kinds: now, revision }) => {
    const kinds = rules.reduce(
      (all, [id, weight]) => withRule(all, EVERY, id, { ...holds(all, EVERY, id), weight }),
      now,
    )
    return answer(client.PUT('/editor/api/rules', { params: { header: on(revision) }, body: { kinds } }))
  })
}

/** The places elsewhere to which items lead, and how they answered. */
export function LinksElsewhere() {
  useTitle('Links elsewhere')
  const queries = useQueryClient()
  const maySetUp = useRight('SET_UP')
  const [verdict, setVerdict] = useState<Verdict>()
  const [page, setPage] = useState(0)
  const [told, setTold] = useState('')
  const [problem, setProblem] = useState('')
  const found = useQuery({
    queryKey: [...KEY, verdict, page],
    queryFn: () => answer(client.GET('/editor/api/outside', { params: { query: { verdict, page } } })),
    placeholderData: (before) => before,
    refetchInterval: 5_000,
  })
  async function press(asked: () => Promise<unknown>, then: string) {
    setProblem('')
    setTold('')
    try {
      await asked()
      setTold(then)
    } catch (error) {
      setProblem((error as Error).message)
    }
    await queries.invalidateQueries({ queryKey: KEY })
  }
  const show = (wanted?: Verdict) => {
    setVerdict(wanted)
    setPage(0)
  }
  const list = found.data
  const all = Object.values(list?.counts ?? {}).reduce((a, b) => a + b, 0)
  const waiting = list?.counts.NOT_ASKED ?? 0
  return (
    <Place
      title="Links elsewhere"
      about="The places on other sites to which items lead. Blenner asks them in the background whether they are there."
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-5">
        {list && !list.asked && all > 0 && (
          <div className="grid justify-items-start gap-2 border border-line bg-sheet p-4">
            <p>
              Nobody is asked: the rules on links elsewhere are off. Once they are on, each place is asked about once a
              week, and its server learns that you link it.
            </p>
            <Button
              look="main"
              blocked={maySetUp ? '' : 'Only an editor can change the rules.'}
              onClick={() => press(turnOn, 'The rules are on. The first answers come within a minute.')}
            >
              Ask from now on
            </Button>
          </div>
        )}
        {list && all === 0 && <p>No item leads to another site yet.</p>}
        {list && all > 0 && (
          <div className="flex flex-wrap items-center gap-2">
            <Button aria-pressed={!verdict} onClick={() => show(undefined)} className={held(!verdict)}>
              All {all}
            </Button>
            {verdicts.map(([v, label]) => (
              <Button key={v} aria-pressed={verdict === v} onClick={() => show(v)} className={held(verdict === v)}>
                {label} {list.counts[v] ?? 0}
              </Button>
            ))}
            {list.asked && (
              <Button
                className="ml-auto"
                blocked={maySetUp ? '' : 'Only an editor can have all of them asked.'}
                onClick={() =>
                  press(
                    () => answer(client.POST('/editor/api/outside/asked')),
                    'All are asked anew, each host with a pause between.',
                  )
                }
              >
                Ask all anew
              </Button>
            )}
          </div>
        )}
        <p role="status" className="text-soft empty:hidden">
          {told || (list?.asked && waiting > 0 ? `${waiting} not asked yet.` : '')}
        </p>
        {(problem || found.error) && (
          <p role="alert" className="text-rust">
            {problem || found.error?.message}
          </p>
        )}
        {list && all > 0 && list.places.length === 0 && <p>There are none of these.</p>}
        <ul aria-label="Places elsewhere">
          {list?.places.map((p) => (
            <PlaceRow key={p.id} place={p} asked={list.asked} press={press} />
          ))}
        </ul>
        {list && list.pages > 1 && (
          <p className="flex items-center gap-3">
            <Button blocked={page > 0 ? '' : 'This is the first page.'} onClick={() => setPage(page - 1)}>
              Before
            </Button>
            Page {page + 1} of {list.pages}
            <Button blocked={page + 1 < list.pages ? '' : 'This is the last page.'} onClick={() => setPage(page + 1)}>
              After
            </Button>
          </p>
        )}
      </div>
    </Place>
  )
}

const held = (is: boolean) => (is ? 'bg-desk font-semibold' : '')

interface RowProps {
  place: OutsidePlace
  asked: boolean
  press: (asked: () => Promise<unknown>, then: string) => void
}

function PlaceRow({ place: p, asked, press }: RowProps) {
  const now = useNow(60_000)
  const level = p.verdict === 'BROKEN' ? 'ADVISED' : p.verdict === 'DOUBTFUL' ? 'LOOK' : undefined
  return (
    <li className="grid gap-1 border-line border-t py-2">
      <p className="flex flex-wrap items-baseline gap-x-3">
        {level && (
          <span className="self-center">
            <LevelIcon level={level} />
          </span>
        )}
        <a
          href={p.address}
          target="_blank"
          rel="noreferrer"
          className="min-w-0 flex-1 basis-64 break-all font-semibold text-petrol hover:underline"
        >
          {p.address}
          <span className="sr-only"> (opens a new tab)</span>
        </a>
        <span className="text-soft">{p.askedAt ? `asked ${ago(new Date(p.askedAt), now)}` : 'not asked yet'}</span>
        {asked && (
          <TextButton
            className="min-h-6"
            aria-label={`Ask anew: ${p.address}`}
            onClick={() =>
              press(
                () => answer(client.POST('/editor/api/outside/{id}/asked', { params: { path: { id: p.id } } })),
                'It is asked as soon as its host has had a pause.',
              )
            }
          >
            Ask anew
          </TextButton>
        )}
      </p>
      {p.said && (
        <p>
          {p.said}
          {p.leadsTo && <span className="break-all"> It is {p.leadsTo} now.</span>}
          {p.secure && ' It answers with https:// as well.'}
        </p>
      )}
      <p className="text-small text-soft">
        In{' '}
        {p.items.map((i, n) => (
          <span key={i.key}>
            {n > 0 && ', '}
            <Link to={`/items/${i.key}`} className="underline hover:text-ink">
              {i.title || 'Untitled'}
            </Link>
            {!i.live && ' (not live)'}
          </span>
        ))}
        {p.uses > p.items.length && ` and ${p.uses - p.items.length} more`}
      </p>
    </li>
  )
}
