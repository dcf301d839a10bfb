import { useId, useState } from 'react'
import { type AssetQuery, useFoundAssets } from '../api/queries'
import type { Asset } from '../api/types'
import { AssetFilters } from './AssetFilters'
import { anything, changed, isNarrowed, queryOf, type Wanted } from './assetsWanted'
import { BringInButton } from './BringInButton'
import { Button } from './Button'
import { ComingList } from './ComingList'
import { cx } from './cx'
import { factsOf } from './sizes'
import { useBringIn, usePastedFiles } from './useBringIn'
import { useDropFiles } from './useDropFiles'

interface Props {
  /** What may be picked. */
  query: AssetQuery
  /** What it is called, as “picture” or “sound”. */
  word: string
  /** What may be brought in, as a file field has it. */
  accept?: string
  /** Whether one that was brought in may be picked. */
  fits: (asset: Asset) => boolean
  /** Those that are picked, in order. */
  picked: string[]
  /** Several can be picked. */
  multiple?: boolean
  onPick: (asset: Asset, on: boolean) => void
}

/** The site's assets of a kind to pick from, a page at a time, with a way to bring more in. */
export function AssetChoice({ query, word, accept, fits, picked, multiple, onPick }: Props) {
  const group = useId()
  const [wanted, setWanted] = useState<Wanted>({ ...anything, kind: query.kind })
  const change = (name: string, value: string) => setWanted((now) => changed(now, name, value))
  const found = useFoundAssets({ ...queryOf(wanted), ...query })
  const { page } = wanted
  const take = (asset: Asset) => fits(asset) && onPick(asset, true)
  const bring = useBringIn(take)
  const drop = useDropFiles(bring)
  usePastedFiles(bring)
  const assets = found.data?.assets ?? []
  const tiles = query.kind === 'PICTURE'

  return (
    <div {...drop.listens} className={cx('grid gap-3', drop.over && 'outline-2 outline-petrol outline-dashed')}>
      <div className="flex flex-wrap items-center gap-3">
        <BringInButton accept={accept} onAdded={take}>
          {multiple ? `Bring ${word}s in` : `Bring a ${word} in`}
        </BringInButton>
        <p className="text-soft">or drop or paste it here.</p>
      </div>
      <ComingList own />
      <AssetFilters wanted={wanted} change={change} ofOneKind={!!query.kind} />
      {found.error && <p role="alert">{found.error.message}</p>}
      {found.data && !assets.length && (
        <p>
          {isNarrowed({ ...wanted, kind: undefined })
            ? `None of the ${word}s is like this.`
            : `The site has no ${word}s yet.`}
        </p>
      )}
      <fieldset
        className={cx(
          'max-h-80 overflow-auto p-1',
          tiles ? 'grid grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-3' : 'grid gap-1',
        )}
      >
        <legend className="sr-only">{word[0]?.toUpperCase() + word.slice(1) + (multiple ? 's' : '')}</legend>
        {assets.map(({ asset: a }) => {
          const at = picked.indexOf(a.name)
          return (
            <label
              key={a.name}
              className={cx(
                'relative cursor-pointer border bg-sheet has-focus-visible:outline-2 has-focus-visible:outline-pencil',
                at >= 0 ? 'border-petrol ring-2 ring-petrol' : 'border-line hover:border-edge',
                tiles ? 'block' : 'flex items-baseline gap-3 px-2 py-1.5',
              )}
            >
              <input
                type={multiple ? 'checkbox' : 'radio'}
                name={group}
                className="sr-only"
                checked={at >= 0}
                onChange={(e) => onPick(a, e.target.checked)}
              />
              {tiles && <img src={a.tile} alt="" loading="lazy" className="aspect-video w-full bg-desk object-cover" />}
              <span className={cx('truncate', tiles ? 'block px-2 py-1' : 'min-w-0 flex-1')}>{a.title}</span>
              {!tiles && <span className="shrink-0 text-small text-soft">{factsOf(a)}</span>}
              {multiple && at >= 0 && (
                <span className="absolute top-1 left-1 grid size-6 place-items-center bg-petrol text-white">
                  {at + 1}
                </span>
              )}
            </label>
          )
        })}
      </fieldset>
      {found.data && found.data.pages > 1 && (
        <div className="flex items-center gap-3">
          <Button blocked={page ? '' : 'This is the first page.'} onClick={() => change('page', String(page - 1))}>
            Page before
          </Button>
          <span role="status">
            Page {found.data.page + 1} of {found.data.pages}
          </span>
          <Button
            blocked={page + 1 < found.data.pages ? '' : 'This is the last page.'}
            onClick={() => change('page', String(page + 1))}
          >
            Next page
          </Button>
        </div>
      )}
    </div>
  )
}
