import { useId, useState } from 'react'
import type { Asset } from '../api/types'
import { BringInButton } from './BringInButton'
import { ComingList } from './ComingList'
import { cx } from './cx'
import { fieldBox } from './Field'
import { useBringIn } from './useBringIn'
import { useDropFiles } from './useDropFiles'

interface Props {
  assets: Asset[] | undefined
  /** Why they could not be had. */
  problem?: string
  picked: string
  onPick: (asset: Asset) => void
}

/** The site's pictures to pick one from. */
export function PictureChoice({ assets, problem, picked, onPick }: Props) {
  const group = useId()
  const pictures = assets?.filter((a) => a.width > 0) ?? []
  const [words, setWords] = useState('')
  const drop = useDropFiles(useBringIn(onPick))
  if (problem) return <p role="alert">{problem}</p>
  const shown = pictures.filter((a) =>
    words
      .toLowerCase()
      .split(/\s+/)
      .every((w) => `${a.title} ${a.name} ${a.alternative} ${a.credit}`.toLowerCase().includes(w)),
  )

  return (
    <div {...drop.listens} className={cx('grid gap-3', drop.over && 'outline-2 outline-petrol outline-dashed')}>
      <div className="flex flex-wrap items-center gap-3">
        <BringInButton accept="image/*" onAdded={onPick}>
          Bring a picture in
        </BringInButton>
        <input
          type="search"
          aria-label="Search the pictures"
          placeholder="Search the pictures"
          value={words}
          onChange={(e) => setWords(e.target.value)}
          className={cx(fieldBox, 'h-8 max-w-64')}
        />
      </div>
      <ComingList />
      {assets && !shown.length && (
        <p>{pictures.length ? 'None of the pictures has these words.' : 'The site has no pictures yet.'}</p>
      )}
      <fieldset className="grid max-h-80 grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-3 overflow-auto p-1">
        <legend className="sr-only">Picture</legend>
        {shown.map((a) => (
          <label
            key={a.name}
            className={cx(
              'block cursor-pointer border bg-sheet has-focus-visible:outline-2 has-focus-visible:outline-pencil',
              picked === a.name ? 'border-petrol ring-2 ring-petrol' : 'border-line hover:border-edge',
            )}
          >
            <input
              type="radio"
              name={group}
              className="sr-only"
              checked={picked === a.name}
              onChange={() => onPick(a)}
            />
            <img src={a.tile} alt="" loading="lazy" className="aspect-video w-full object-cover" />
            <span className="block truncate px-2 py-1">{a.title}</span>
          </label>
        ))}
      </fieldset>
    </div>
  )
}
