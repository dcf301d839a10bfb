import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../api/client'
import { kinds, only, orders, shapes, type Wanted, widths } from './assetsWanted'
import { Button } from './Button'
import { cx } from './cx'
import { fieldBox, Input, Select } from './Field'

interface Props {
  wanted: Wanted
  change: (name: string, value: string) => void
  /** Whether the kind is given, as where a picture is picked. */
  ofOneKind?: boolean
}

/** Who brought assets in, and the collections there are. */
export function useFilters() {
  return useQuery({
    queryKey: ['assets', 'filters'],
    queryFn: () => answer(client.GET('/editor/api/assets/filters')),
  })
}

/** What is looked for: words and kind at once, the rest when it is asked for. */
export function AssetFilters({ wanted, change, ofOneKind }: Props) {
  const narrowed = !!(wanted.shape || wanted.least || wanted.by || wanted.since || wanted.collection)
  const [more, setMore] = useState(narrowed)
  const there = useFilters().data
  const named = (first: string, all: string[] = []): [string, string][] => [
    ['', first],
    ...all.map((n): [string, string] => [n, n]),
  ]
  return (
    <search className="grid gap-3">
      <div
        className={cx(
          'grid gap-3',
          ofOneKind ? 'sm:grid-cols-[2fr_1fr_1fr_auto]' : 'sm:grid-cols-[2fr_1fr_1fr_1fr_auto]',
        )}
      >
        <label className="grid content-start gap-1 font-semibold">
          Search
          <input
            type="search"
            value={wanted.words}
            onChange={(e) => change('words', e.target.value)}
            placeholder="Title, name, what it shows, credit, keyword …"
            className={cx(fieldBox, 'h-8 font-normal')}
          />
        </label>
        {!ofOneKind && <Choice label="Kind" value={wanted.kind ?? ''} all={kinds} onPick={(v) => change('kind', v)} />}
        <Choice
          label="Only"
          value={wanted.only === 'ALL' ? '' : wanted.only}
          all={only}
          onPick={(v) => change('only', v)}
        />
        <Choice
          label="Order"
          value={wanted.order === 'NEWEST' ? '' : wanted.order}
          all={orders}
          onPick={(v) => change('order', v)}
        />
        <div className="flex items-end">
          <Button look="quiet" aria-expanded={more} onClick={() => setMore(!more)}>
            {more ? 'Fewer filters' : 'More filters'}
          </Button>
        </div>
      </div>
      {more && (
        <div className="grid gap-3 sm:grid-cols-5">
          <Choice
            label="Collection"
            value={wanted.collection}
            all={named('Any or none', there?.collections)}
            onPick={(v) => change('collection', v)}
          />
          <Choice label="Shape" value={wanted.shape ?? ''} all={shapes} onPick={(v) => change('shape', v)} />
          <Choice
            label="Size"
            value={wanted.least ? String(wanted.least) : ''}
            all={widths}
            onPick={(v) => change('least', v)}
          />
          <Choice
            label="Brought in by"
            value={wanted.by}
            all={named('Anybody', there?.people)}
            onPick={(v) => change('by', v)}
          />
          <Input label="Since" type="date" value={wanted.since} onChange={(e) => change('since', e.target.value)} />
        </div>
      )}
    </search>
  )
}

function Choice(props: { label: string; value: string; all: [string, string][]; onPick: (value: string) => void }) {
  return (
    <Select label={props.label} value={props.value} onChange={(e) => props.onPick(e.target.value)}>
      {props.all.map(([value, words]) => (
        <option key={value} value={value}>
          {words}
        </option>
      ))}
    </Select>
  )
}
