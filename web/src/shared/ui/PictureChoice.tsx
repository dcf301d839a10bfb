import { useId } from 'react'
import type { Asset } from '../api/types'
import { cx } from './cx'

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
  if (problem) return <p role="alert">{problem}</p>
  if (assets && !pictures.length) {
    return <p>The site has no pictures yet. There is no way to add one in this version.</p>
  }
  return (
    <fieldset className="grid max-h-80 grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-3 overflow-auto p-1">
      <legend className="sr-only">Picture</legend>
      {pictures.map((a) => (
        <label
          key={a.name}
          className={cx(
            'block cursor-pointer border bg-sheet has-focus-visible:outline-2 has-focus-visible:outline-pencil',
            picked === a.name ? 'border-petrol ring-2 ring-petrol' : 'border-line hover:border-edge',
          )}
        >
          <input type="radio" name={group} className="sr-only" checked={picked === a.name} onChange={() => onPick(a)} />
          <img src={a.tile} alt="" loading="lazy" className="aspect-video w-full object-cover" />
          <span className="block truncate px-2 py-1">{a.title}</span>
        </label>
      ))}
    </fieldset>
  )
}
