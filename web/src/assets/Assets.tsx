import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { useFoundAssets, useStorage } from '../shared/api/queries'
import type { FoundAsset } from '../shared/api/types'
import { AssetFilters } from '../shared/ui/AssetFilters'
import { isNarrowed, queryOf, sentence, wantedIn } from '../shared/ui/assetsWanted'
import { BringInButton } from '../shared/ui/BringInButton'
import { Button } from '../shared/ui/Button'
import { ComingList } from '../shared/ui/ComingList'
import { cx } from '../shared/ui/cx'
import { Place } from '../shared/ui/Place'
import { factsOf, itemsOf } from '../shared/ui/sizes'
import { useBringIn, usePastedFiles } from '../shared/ui/useBringIn'
import { useDropFiles } from '../shared/ui/useDropFiles'
import { useTitle } from '../shared/ui/useTitle'
import { Gather } from './Gather'

/** The stored pictures and files: found by their words and by what is true of them, and brought in. */
export function Assets() {
  useTitle('Assets')
  const [params, setParams] = useSearchParams()
  const wanted = wantedIn(params)
  const found = useFoundAssets(queryOf(wanted))
  const [whole, setWhole] = useState(false)
  const [ticked, setTicked] = useState<string[]>([])
  const tick = (name: string, on: boolean) =>
    setTicked((all) => [...all.filter((n) => n !== name), ...(on ? [name] : [])])
  const bring = useBringIn(undefined, whole)
  const drop = useDropFiles(bring)
  usePastedFiles(bring)
  const scarce = useStorage().data?.warning
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
          <BringInButton main whole={whole}>
            Bring files in
          </BringInButton>
          <p className="self-center text-soft">or drop or paste them anywhere on this page.</p>
          <label className="flex min-w-40 flex-1 items-center gap-2 self-center">
            <input type="checkbox" checked={whole} onChange={(e) => setWhole(e.target.checked)} />
            Leave in pictures where and with what they were taken
          </label>
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
        {scarce && (
          <p role="status" className="border border-line bg-straw px-3 py-1.5">
            {scarce}
          </p>
        )}
        <ComingList />
        <AssetFilters wanted={wanted} change={change} />
        {found.error && <p role="alert">{found.error.message}</p>}
        {found.data && (
          <p role="status" className="flex flex-wrap items-baseline gap-3">
            {sentence(wanted, found.data.total)}
            {isNarrowed(wanted) && (
              <Button look="quiet" onClick={() => setParams(rows ? { as: 'rows' } : {}, { replace: true })}>
                Show all
              </Button>
            )}
          </p>
        )}
        {ticked.length > 0 && <Gather names={ticked} within={wanted.collection} onDone={() => setTicked([])} />}
        {rows ? (
          <Rows assets={found.data?.assets ?? []} ticked={ticked} tick={tick} />
        ) : (
          <Tiles assets={found.data?.assets ?? []} ticked={ticked} tick={tick} />
        )}
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

/** A picture of it, or its ending where there is none. */
function Sign({ found, className }: { found: FoundAsset; className: string }) {
  const { asset } = found
  const [broken, setBroken] = useState(false)
  if (asset.tile && !broken)
    return (
      <img
        src={asset.tile}
        alt={asset.alternative}
        loading="lazy"
        // The first page of a PDF that is locked cannot be drawn.
        onError={() => setBroken(true)}
        className={cx('bg-desk object-cover', asset.pages > 0 && 'object-top', className)}
      />
    )
  return (
    <span aria-hidden className={cx('grid place-items-center bg-desk font-semibold text-large text-soft', className)}>
      {asset.name.slice(asset.name.lastIndexOf('.') + 1)}
    </span>
  )
}

interface Listed {
  assets: FoundAsset[]
  ticked: string[]
  tick: (name: string, on: boolean) => void
}

function Tick({ asset, ticked, tick }: { asset: FoundAsset['asset'] } & Omit<Listed, 'assets'>) {
  return (
    <input
      type="checkbox"
      aria-label={`Mark ${asset.title}`}
      checked={ticked.includes(asset.name)}
      onChange={(e) => tick(asset.name, e.target.checked)}
    />
  )
}

function Tiles({ assets, ...marks }: Listed) {
  return (
    <ul className="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-5">
      {assets.map((f) => (
        <li key={f.asset.name} className="border border-line bg-sheet">
          <Sign found={f} className="aspect-video w-full" />
          <div className="p-3">
            <span className="float-right">
              <Tick asset={f.asset} {...marks} />
            </span>
            <Link to={`/assets/${f.asset.name}`} className="font-semibold hover:underline">
              {f.asset.title}
            </Link>
            <p className="text-small text-soft">{factsOf(f.asset)}</p>
            <p className="text-small text-soft">{firstUp(itemsOf(f.uses))}</p>
            {f.asset.credit && <p className="text-small text-soft">{f.asset.credit}</p>}
          </div>
        </li>
      ))}
    </ul>
  )
}

function Rows({ assets, ...marks }: Listed) {
  return (
    <ul className="border-line border-t">
      {assets.map((f) => (
        <li
          key={f.asset.name}
          className="flex flex-wrap items-center gap-x-4 border-line border-b py-1.5 sm:flex-nowrap"
        >
          <Tick asset={f.asset} {...marks} />
          <Sign found={f} className="h-10 w-16 shrink-0" />
          <Link
            to={`/assets/${f.asset.name}`}
            className="min-w-0 flex-1 truncate font-semibold hover:underline sm:w-64 sm:flex-none"
          >
            {f.asset.title}
          </Link>
          <span className="w-full min-w-0 truncate text-small text-soft sm:w-auto sm:flex-1">{factsOf(f.asset)}</span>
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
