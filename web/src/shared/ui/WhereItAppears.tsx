import { Link } from 'react-router'
import type { ItemState } from '../api/types'

/** The pages that show the item, or the reason why none does, and what then. */
export function WhereItAppears({ state }: { state: ItemState }) {
  const { places, reason } = state.placement.appearances
  return (
    <section className="grid gap-1" aria-label="Where it appears">
      <h3 className="font-semibold">Where it appears</h3>
      {reason && <p>{reason}</p>}
      {places.map((p) => (
        <p key={`${p.path} ${p.label}`} className="flex gap-2">
          <a
            href={p.path}
            target="_blank"
            rel="noreferrer"
            className="min-w-0 break-words text-petrol underline underline-offset-2"
          >
            {p.path}
            <span className="sr-only"> (opens a new tab)</span>
          </a>
          <span className="shrink-0 text-soft">{p.label}</span>
        </p>
      ))}
      {state.placement.linkedFrom.length > 0 && (
        <>
          <h4 className="mt-1 font-semibold">What leads to it</h4>
          {state.placement.linkedFrom.map((l) => (
            <p key={`${l.at} ${l.title} ${l.by}`} className="flex gap-2">
              <Link to={`/${l.at}`} className="min-w-0 break-words text-petrol underline underline-offset-2">
                {l.title || 'Untitled'}
              </Link>
              <span className="shrink-0 text-soft">{l.by}</span>
            </p>
          ))}
        </>
      )}
      {!places.length && state.placement.willAppear.length > 0 && (
        <p className="break-words text-soft">
          Once live: {state.placement.willAppear.map((p) => (p.label === 'its own page' ? p.path : p.label)).join(', ')}
        </p>
      )}
    </section>
  )
}
