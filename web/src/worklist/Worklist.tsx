import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { Link } from 'react-router'
import { answer, client } from '../shared/api/client'
import { useSite } from '../shared/api/queries'
import type { Worklist as List, Row, Site } from '../shared/api/types'
import { askImport } from '../shared/store/importing'
import { Button } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { download } from '../shared/ui/download'
import { LevelIcon } from '../shared/ui/LevelIcon'
import { StageIcon } from '../shared/ui/StageIcon'
import { ago, useNow } from '../shared/ui/time'
import { useTitle } from '../shared/ui/useTitle'
import { BulkChangePanel } from './BulkChangePanel'
import { ColumnChoice, useColumns } from './columns'
import { Finder } from './Finder'
import { all, type Filter, isNarrow, query, useFilter } from './filter'
import { Picked } from './Picked'
import { Sentence } from './Sentence'
import { StageRail } from './StageRail'

/** Where items are found and picked up. */
export function Worklist() {
  useTitle('Worklist')
  const [filter, change] = useFilter()
  const [pickedKey, setPickedKey] = useState('')
  const site = useSite()
  const [ticked, setTicked] = useState<string[]>([])
  const lastTicked = useRef('')
  const list = useQuery({
    queryKey: ['worklist', filter],
    queryFn: () => answer(client.GET('/editor/api/worklist', { params: { query: query(filter) } })),
    placeholderData: keepPreviousData,
    refetchOnMount: 'always',
  })
  const rows = list.data?.rows ?? []

  /** Ticks a row; with Shift all from the last one ticked to it. */
  function tick(key: string, on: boolean, range: boolean) {
    const from = rows.findIndex((r) => r.key === lastTicked.current)
    const to = rows.findIndex((r) => r.key === key)
    const keys = range && from >= 0 ? rows.slice(Math.min(from, to), Math.max(from, to) + 1).map((r) => r.key) : [key]
    setTicked((was) => (on ? [...new Set([...was, ...keys])] : was.filter((k) => !keys.includes(k))))
    lastTicked.current = key
  }

  const picked = rows.find((r) => r.key === pickedKey) ?? rows[0]

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: files can be dropped here; New in the masthead does the same by keyboard
    <div
      className="flex h-full"
      onDragOver={(e) => e.dataTransfer.types.includes('Files') && e.preventDefault()}
      onDrop={(e) => {
        e.preventDefault()
        if (e.dataTransfer.files.length) askImport([...e.dataTransfer.files])
      }}
    >
      <StageRail list={list.data} filter={filter} change={change} />
      <main className="flex min-w-0 flex-1 flex-col">
        <h1 className="sr-only">Worklist</h1>
        <Finder filter={filter} change={change} site={site.data} />
        <Sentence list={list.data} filter={filter} change={change} site={site.data} />
        <ul className="relative min-h-0 flex-1 overflow-auto border-line border-t" aria-label="Items">
          {list.isError && <li className="p-6 text-rust">{list.error.message}</li>}
          {list.data && !rows.length && <Empty filter={filter} change={change} />}
          {rows.map((r) => (
            <Entry
              key={r.key}
              row={r}
              site={site.data}
              on={r === picked}
              pick={() => setPickedKey(r.key)}
              ticked={ticked.includes(r.key)}
              tick={(on, range) => tick(r.key, on, range)}
            />
          ))}
        </ul>
        <Ticked
          keys={ticked}
          clear={() => setTicked([])}
          rows={rows.map((r) => r.key)}
          add={(keys) => setTicked((was) => [...new Set([...was, ...keys])])}
        />
        <Pages list={list.data} filter={filter} change={change} />
      </main>
      {picked && <Picked key={picked.key} row={picked} />}
    </div>
  )
}

interface Part {
  filter: Filter
  change: (part: Partial<Filter>) => void
}

function Empty({ filter, change }: Part) {
  return (
    <li className="grid justify-items-start gap-3 p-6">
      {isNarrow(filter) ? (
        <>
          <p>No item fits all of this.</p>
          <Button onClick={() => change(all)}>Show all</Button>
        </>
      ) : (
        <>
          <p className="font-semibold font-serif text-large">
            {filter.waiting
              ? 'Nothing waits for you.'
              : filter.mine
                ? 'You have no items yet.'
                : 'There are no items yet.'}
          </p>
          {filter.waiting ? (
            <Button onClick={() => change({ waiting: false, mine: true })}>Show your own items</Button>
          ) : (
            <p className="text-soft">Begin with New at the top, and choose an article, a post or a page.</p>
          )}
        </>
      )}
    </li>
  )
}

interface TickedProps {
  keys: string[]
  clear: () => void
  rows: string[]
  add: (keys: string[]) => void
}

/** What can be done with several rows at once. */
function Ticked({ keys, clear, rows, add }: TickedProps) {
  const [changing, setChanging] = useState(false)
  if (!keys.length) return null
  return (
    <section
      aria-label="Picked items"
      className="flex min-h-11 shrink-0 flex-wrap items-center gap-x-3 gap-y-1 border-line border-t bg-straw px-5 py-1"
    >
      <p role="status" className="font-semibold">
        {keys.length === 1 ? '1 item picked' : `${keys.length} items picked`}
      </p>
      <Button onClick={() => setChanging(true)}>Change them …</Button>
      <Button onClick={() => download(`/editor/api/archive/items?keys=${keys.join(',')}`)}>
        Download as one archive
      </Button>
      <Button look="quiet" onClick={clear}>
        Pick none
      </Button>
      {rows.some((key) => !keys.includes(key)) && (
        <Button look="quiet" onClick={() => add(rows)}>
          Pick all on this page
        </Button>
      )}
      {changing && <BulkChangePanel keys={keys} onClose={() => setChanging(false)} />}
    </section>
  )
}

interface EntryProps {
  row: Row
  site: Site | undefined
  on: boolean
  pick: () => void
  ticked: boolean
  tick: (on: boolean, range: boolean) => void
}

function Entry({ row, site, on, pick, ticked, tick }: EntryProps) {
  const now = useNow(30_000)
  const shows = useColumns()
  const section = site?.sections.find((s) => s.slug === row.section)?.name
  return (
    // The whole row can be pressed; the keyboard has the title's link and its focus.
    // biome-ignore lint/a11y/useKeyWithClickEvents: the link in the row serves the keyboard
    <li
      onClick={pick}
      onFocus={pick}
      aria-current={on || undefined}
      className={cx(
        'flex gap-3 border-line border-b border-l-3 px-4.5 py-2.5',
        on ? 'border-l-petrol bg-sheet' : 'border-l-transparent hover:bg-desk/60',
      )}
    >
      <input
        type="checkbox"
        aria-label={`Pick “${row.title || 'Untitled'}”`}
        className="mt-1.5 self-start"
        checked={ticked}
        onChange={(e) => tick(e.target.checked, (e.nativeEvent as MouseEvent).shiftKey)}
      />
      <span className="pt-1">
        <StageIcon stage={row.stage} label={row.stageLabel} />
      </span>
      <div className="min-w-0 flex-1">
        <Link
          to={`/items/${row.key}`}
          className="block truncate rounded-3 font-semibold font-serif text-large hover:underline"
        >
          {row.title || 'Untitled'}
        </Link>
        {shows('place') && (
          <p className="text-soft">
            {row.kindLabel}
            {section && ` · ${section}`}
          </p>
        )}
        {shows('next') && (
          <p className="flex items-center gap-2">
            <LevelIcon level={row.next.sign} />
            <span className="min-w-0 truncate">{row.next.sentence}</span>
          </p>
        )}
        {row.expiring && shows('expiring') && <p className="truncate text-soft">{row.expiring}</p>}
      </div>
      {shows('author') && <p className="w-32 shrink-0 truncate text-soft max-lg:hidden">{row.author}</p>}
      {shows('changed') && <p className="w-24 shrink-0 text-right text-soft">{ago(new Date(row.changedAt), now)}</p>}
    </li>
  )
}

function Pages({ list, filter, change }: Part & { list: List | undefined }) {
  const [columns, setColumns] = useState(false)
  if (!list) return null
  const first = filter.page * filter.size
  const last = Math.min(first + filter.size, list.found)
  return (
    <div className="flex h-11 shrink-0 items-center gap-3 border-line border-t px-5 text-soft">
      <span>{list.found ? `${first + 1}–${last} of ${list.found}` : 'Nothing found'}</span>
      {filter.page > 0 && <Button onClick={() => change({ page: filter.page - 1 })}>Earlier page</Button>}
      {last < list.found && <Button onClick={() => change({ page: filter.page + 1 })}>Next page</Button>}
      <details className="relative ml-auto" onToggle={(e) => setColumns(e.currentTarget.open)}>
        <summary className="cursor-pointer rounded-3 px-2 hover:bg-desk">Columns</summary>
        <div className="absolute right-0 bottom-8 z-20 w-64 rounded-3 border border-edge bg-sheet p-3 text-ink">
          {columns && <ColumnChoice />}
        </div>
      </details>
      <label className="flex items-center gap-2">
        Items a page
        <select
          className="h-7 rounded-3 border border-edge bg-sheet px-1"
          value={filter.size}
          onChange={(e) => change({ size: Number(e.target.value) })}
        >
          {[10, 25, 50, 100].map((n) => (
            <option key={n}>{n}</option>
          ))}
        </select>
      </label>
    </div>
  )
}
