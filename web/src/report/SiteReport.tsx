import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answer, client } from '../shared/api/client'
import { useSite } from '../shared/api/queries'
import type { BulkInput, Report, ReportPart, SiteReport as Whole } from '../shared/api/types'
import { Button, TextButton } from '../shared/ui/Button'
import { ChangeThem } from '../shared/ui/ChangeThem'
import { LevelIcon } from '../shared/ui/LevelIcon'
import { Place } from '../shared/ui/Place'
import { ago, useNow } from '../shared/ui/time'
import { useTitle } from '../shared/ui/useTitle'
import { Trend } from './Trend'

const KEY = ['report']

/** What rules find in everything live. */
export function SiteReport() {
  useTitle('Site report')
  const queries = useQueryClient()
  const now = useNow(60_000)
  const [problem, setProblem] = useState('')
  const [mending, setMending] = useState<BulkInput | null>(null)
  const found = useQuery({
    queryKey: KEY,
    queryFn: () => answer(client.GET('/editor/api/report')),
    refetchInterval: (q) => (q.state.data?.underWay.running ? 500 : false),
  })
  const underWay = found.data?.underWay
  const made = found.data?.made
  async function press(asked: Promise<Whole>) {
    setProblem('')
    try {
      queries.setQueryData(KEY, await asked)
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  const told = problem || underWay?.problem || found.error?.message
  return (
    <Place title="Site report" about="What the rules find in everything that is live, as readers see it.">
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8">
        <div className="grid gap-2">
          <p className="flex flex-wrap items-center gap-3">
            {underWay?.running ? (
              <Button onClick={() => press(answer(client.DELETE('/editor/api/report')))}>Stop</Button>
            ) : (
              <Button look="main" onClick={() => press(answer(client.POST('/editor/api/report')))}>
                {made ? 'Make it anew' : 'Make the report'}
              </Button>
            )}
            <span role="status">
              {underWay?.running
                ? `Looking: ${underWay.done} of ${underWay.total} items. You can leave this page meanwhile.`
                : underWay?.stopped
                  ? 'Stopped; what was made before stands.'
                  : made && `Made ${ago(new Date(made.at), now)} by ${made.by}.`}
            </span>
          </p>
          {underWay?.running && (
            <progress aria-label="Progress" value={underWay.done} max={Math.max(1, underWay.total)} />
          )}
          <p>
            <Link to="/report/links" className="font-semibold text-petrol hover:underline">
              Links elsewhere
            </Link>{' '}
            <span className="text-soft">and whether they lead anywhere.</span>
          </p>
          {told && (
            <p role="alert" className="text-rust">
              {told}
            </p>
          )}
          {found.data && !made && !underWay?.running && (
            <p>There is none yet. It reads every live item once, in the background.</p>
          )}
        </div>
        {made && (
          <>
            <p className="font-serif text-large">{summary(made.report)}</p>
            <Rules report={made.report} labels={made.labels} mend={setMending} />
            <Falling report={made.report} />
            <Parts parts={made.report.parts} />
            <Trend points={found.data?.trend ?? []} />
          </>
        )}
      </div>
      {mending && <ChangeThem given={mending} onClose={() => setMending(null)} />}
    </Place>
  )
}

const items = (n: number) => (n === 1 ? '1 item' : `${n} items`)

function summary({ items: all, falling, findings }: Report) {
  if (!all) return 'Nothing is live yet.'
  if (!findings) return `All is well: nothing is found in any of ${items(all)}.`
  const short =
    falling === 0
      ? 'All of them could go live as they are.'
      : `${falling} could not go live as ${falling === 1 ? 'it is' : 'they are'}.`
  return `${items(all)} live. ${short} ${findings} ${findings === 1 ? 'mark' : 'marks'} in all.`
}

interface RulesProps {
  report: Report
  labels: Record<string, string>
  mend: (given: BulkInput) => void
}

function Rules({ report, labels, mend }: RulesProps) {
  if (!report.rules.length) return null
  return (
    <section aria-label="By rule">
      <h2 className="mb-2 font-semibold">By rule</h2>
      <ul>
        {report.rules.map((r) => (
          <li key={r.rule} className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-line border-t py-2">
            <span className="self-center">
              <LevelIcon level={r.level} />
            </span>
            <span className="min-w-0 flex-1 basis-56">{labels[r.rule] ?? r.rule}</span>
            <span className="w-40 text-soft">
              {r.findings === r.items ? `in ${items(r.items)}` : `${r.findings} times in ${items(r.items)}`}
            </span>
            <span className="flex w-64 flex-wrap gap-x-4">
              <Link
                to={`/worklist?stage=LIVE&rule=${encodeURIComponent(r.rule)}`}
                aria-label={`Show the items: ${labels[r.rule] ?? r.rule}`}
                className="font-semibold text-petrol hover:underline"
              >
                Show
              </Link>
              {r.repair && (
                <TextButton
                  aria-label={`${r.repair}, in all of them: ${labels[r.rule] ?? r.rule}`}
                  onClick={() =>
                    mend({
                      keys: r.keys,
                      mending: { rule: r.rule, label: r.repair },
                      forReaders: true,
                      told: `${items(r.keys.length)}: ${r.repair.toLowerCase()}.`,
                    })
                  }
                >
                  {r.repair} …
                </TextButton>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Falling({ report }: { report: Report }) {
  if (!report.some.length) return null
  return (
    <section aria-label="Items that fall short">
      <h2 className="mb-2 font-semibold">
        Items that fall short{report.falling > report.some.length && `, the first ${report.some.length}`}
      </h2>
      <ul>
        {report.some.map((s) => (
          <li key={s.key} className="border-line border-t py-1.5">
            <Link to={`/items/${s.key}`} className="font-semibold hover:underline">
              {s.title || 'Untitled'}
            </Link>{' '}
            <span className="text-soft">{s.needs}.</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

const sides: [ReportPart['by'], string, string][] = [
  ['SECTION', 'By section', 'section'],
  ['KIND', 'By kind', 'kind'],
  ['AUTHOR', 'By author', 'author'],
  ['AGE', 'By age', ''],
]

function Parts({ parts }: { parts: ReportPart[] }) {
  const site = useSite().data
  const name = ({ by, name }: ReportPart) => {
    if (by === 'SECTION') return site?.sections.find((s) => s.slug === name)?.name ?? (name || 'No section')
    if (by === 'KIND') return site?.kinds.find((k) => k.name === name)?.plural ?? name
    return name[0]?.toUpperCase() + name.slice(1)
  }
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-8 md:grid-cols-2">
      {sides.map(([by, title, param]) => (
        <table key={by} className="h-fit w-full text-left">
          <caption className="mb-2 text-left font-semibold">{title}</caption>
          <thead className="text-small text-soft">
            <tr>
              <th className="font-normal">{title.slice(3)}</th>
              <th className="w-16 text-right font-normal">live</th>
              <th className="w-20 text-right font-normal">fall short</th>
              <th className="w-16 text-right font-normal">marks</th>
            </tr>
          </thead>
          <tbody>
            {parts
              .filter((p) => p.by === by)
              .map((p) => (
                <tr key={p.name} className="border-line border-t">
                  <th scope="row" className="py-1 font-normal">
                    {param && p.name ? (
                      <Link
                        to={`/worklist?stage=LIVE&${param}=${encodeURIComponent(p.name)}`}
                        className="hover:underline"
                      >
                        {name(p)}
                      </Link>
                    ) : (
                      name(p)
                    )}
                  </th>
                  <td className="text-right">{p.items}</td>
                  <td className="text-right">{p.falling}</td>
                  <td className="text-right">{p.findings}</td>
                </tr>
              ))}
          </tbody>
        </table>
      ))}
    </div>
  )
}
