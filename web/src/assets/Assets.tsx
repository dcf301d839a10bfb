import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import { answer, client } from '../shared/api/client'
import type { FoundAsset } from '../shared/api/types'
import { BringInButton } from '../shared/ui/BringInButton'
import { Button } from '../shared/ui/Button'
import { ComingList } from '../shared/ui/ComingList'
import { cx } from '../shared/ui/cx'
import { fieldBox, Select } from '../shared/ui/Field'
import { Place } from '../shared/ui/Place'
import { itemsOf, sizeOf } from '../shared/ui/sizes'
import { useBringIn, usePastedFiles } from '../shared/ui/useBringIn'
import { useDropFiles } from '../shared/ui/useDropFiles'
import { useTitle } from '../shared/ui/useTitle'
import { kinds, only, orders, sentence, wantedIn } from './wanted'

/** The stored pictures and files: found by their words and by what is true of them, and brought in. */
export function Assets() {
  useTitle('Assets')
  const [params, setParams] = useSearchParams()
  const wanted = wantedIn(params)
  const found = useQuery({
    queryKey: ['assets', 'found', wanted],
    queryFn: () => answer(client.GET('/editor/api/assets/found', { params: { query: wanted } })),
    placeholderData: keepPreviousData,
  })
  const bring = useBringIn()
  const drop = useDropFiles(bring)
  usePastedFiles(bring)
  const rows = params.get('as') === 'rows'

  function change(name: string, value: string) {
    setParams(
      (now) => {
        const next = new URLSearchParams(now)
        if (value) next.set(name, value)
        else next.delete(name)
        if (name !== 'page' && name !== 'as') next.delete('page')
        return next
      },
      { replace: true },
    )
  }

  return (
    <Place
      title="Assets"
      about="The pictures, sounds, films and files the site has. One asset can stand in many items."
    >
      <div
        {...drop.listens}
        className={cx(
          'grid grid-cols-[minmax(0,1fr)] gap-4',
          drop.over && 'outline-2 outline-petrol outline-dashed outline-offset-8',
        )}
      >
        <div className="flex flex-wrap items-end gap-3">
          <BringInButton main>Bring files in</BringInButton>
          <p className="min-w-40 flex-1 self-center text-soft">or drop or paste them anywhere on this page.</p>
          <Button look="quiet" aria-pressed={!rows} onClick={() => change('as', '')} className={cx(!rows && 'bg-desk')}>
            Tiles
          </Button>
          <Button
            look="quiet"
            aria-pressed={rows}
            onClick={() => change('as', 'rows')}
            className={cx(rows && 'bg-desk')}
          >
            Rows
          </Button>
        </div>
        <ComingList />
        <search className="grid gap-3 sm:grid-cols-[2fr_1fr_1fr_1fr]">
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
          <Choice label="Kind" value={wanted.kind ?? ''} all={kinds} onPick={(v) => change('kind', v)} />
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
        </search>
        {found.error && <p role="alert">{found.error.message}</p>}
        {found.data && (
          <p role="status" className="flex flex-wrap items-baseline gap-3">
            {sentence(wanted, found.data.total)}
            {(wanted.words || wanted.kind || wanted.only !== 'ALL') && (
              <Button look="quiet" onClick={() => setParams(rows ? { as: 'rows' } : {}, { replace: true })}>
                Show all
              </Button>
            )}
          </p>
        )}
        {rows ? <Rows assets={found.data?.assets ?? []} /> : <Tiles assets={found.data?.assets ?? []} />}
        {found.data && found.data.pages > 1 && (
          <nav aria-label="Pages of assets" className="flex items-center gap-3">
            <Button
              blocked={found.data.page ? '' : 'This is the first page.'}
              onClick={() => change('page', String(wanted.page - 1))}
            >
              Page before
            </Button>
            <span>
              Page {found.data.page + 1} of {found.data.pages}
            </span>
            <Button
              blocked={found.data.page + 1 < found.data.pages ? '' : 'This is the last page.'}
              onClick={() => change('page', String(wanted.page + 1))}
            >
              Next page
            </Button>
          </nav>
        )}
      </div>
    </Place>
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

/** What kind of file it is and how large, in a few words. */
export function factsOf({ asset }: FoundAsset): string {
  const ending = asset.name.slice(asset.name.lastIndexOf('.') + 1).toUpperCase()
  const pixels = asset.width ? `${asset.width} × ${asset.height} pixels, ` : ''
  return `${ending}, ${pixels}${sizeOf(asset.bytes)}`
}

/** A picture of it, or its ending where there is none. */
function Sign({ found, className }: { found: FoundAsset; className: string }) {
  const { asset } = found
  if (asset.tile)
    return (
      <img src={asset.tile} alt={asset.alternative} loading="lazy" className={cx('bg-desk object-cover', className)} />
    )
  return (
    <span aria-hidden className={cx('grid place-items-center bg-desk font-semibold text-large text-soft', className)}>
      {asset.name.slice(asset.name.lastIndexOf('.') + 1)}
    </span>
  )
}

function Tiles({ assets }: { assets: FoundAsset[] }) {
  return (
    <ul className="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-5">
      {assets.map((f) => (
        <li key={f.asset.name} className="border border-line bg-sheet">
          <Sign found={f} className="aspect-video w-full" />
          <div className="p-3">
            <Link to={`/assets/${f.asset.name}`} className="font-semibold hover:underline">
              {f.asset.title}
            </Link>
            <p className="text-small text-soft">{factsOf(f)}</p>
            <p className="text-small text-soft">{firstUp(itemsOf(f.uses))}</p>
            {f.asset.credit && <p className="text-small text-soft">{f.asset.credit}</p>}
          </div>
        </li>
      ))}
    </ul>
  )
}

function Rows({ assets }: { assets: FoundAsset[] }) {
  return (
    <ul className="border-line border-t">
      {assets.map((f) => (
        <li
          key={f.asset.name}
          className="flex flex-wrap items-center gap-x-4 border-line border-b py-1.5 sm:flex-nowrap"
        >
          <Sign found={f} className="h-10 w-16 shrink-0" />
          <Link
            to={`/assets/${f.asset.name}`}
            className="min-w-0 flex-1 truncate font-semibold hover:underline sm:w-64 sm:flex-none"
          >
            {f.asset.title}
          </Link>
          <span className="w-full min-w-0 truncate text-small text-soft sm:w-auto sm:flex-1">{factsOf(f)}</span>
          <span className="w-32 shrink-0 text-small text-soft">{firstUp(itemsOf(f.uses))}</span>
          <span className="w-36 shrink-0 truncate text-small text-soft">
            {new Date(f.added).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })}
            {f.addedBy && `, ${f.addedBy}`}
          </span>
        </li>
      ))}
    </ul>
  )
}

function firstUp(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1)
}
