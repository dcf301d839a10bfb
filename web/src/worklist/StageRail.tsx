import { Link } from 'react-router'
import type { Worklist } from '../shared/api/types'
import { cx } from '../shared/ui/cx'
import { StageIcon } from '../shared/ui/StageIcon'
import type { Filter } from './filter'
import { Views } from './Views'

interface Props {
  list: Worklist | undefined
  filter: Filter
  change: (part: Partial<Filter>) => void
}

const whose = [
  { name: 'Waiting for you', of: { waiting: true, mine: false }, count: 'waiting' },
  { name: 'Mine', of: { waiting: false, mine: true }, count: 'mine' },
  { name: 'Everyone’s', of: { waiting: false, mine: false }, count: 'everyones' },
] as const

/** Whose items, and at which stage, each with its count. */
export function StageRail({ list, filter, change }: Props) {
  const entry = (on: boolean) =>
    cx(
      'flex h-7.5 w-full items-center gap-2.5 border-l-3 px-4 text-left',
      on ? 'border-petrol bg-desk font-semibold' : 'border-transparent hover:bg-desk',
    )
  return (
    <nav aria-label="Stages" className="flex w-44 shrink-0 flex-col overflow-auto border-line border-r py-4">
      {whose.map(({ name, of, count }) => (
        <button
          key={name}
          type="button"
          className={entry(filter.mine === !!of.mine && filter.waiting === !!of.waiting)}
          aria-pressed={filter.mine === !!of.mine && filter.waiting === !!of.waiting}
          onClick={() => change({ mine: !!of.mine, waiting: !!of.waiting })}
        >
          {name} <span className="ml-auto font-normal text-soft">{list?.[count]}</span>
        </button>
      ))}
      <hr className="mx-5 my-3 border-line" />
      {list?.stages.map((s) => (
        <button
          key={s.stage}
          type="button"
          className={entry(filter.stage === s.stage)}
          aria-pressed={filter.stage === s.stage}
          onClick={() => change({ stage: filter.stage === s.stage ? '' : s.stage })}
        >
          <StageIcon stage={s.stage} />
          {s.label} <span className="ml-auto font-normal text-soft">{s.count}</span>
        </button>
      ))}
      <Views filter={filter} />
      <hr className="mx-5 my-3 border-line" />
      <Link to="/report" className={entry(false)}>
        Site report
      </Link>
    </nav>
  )
}
