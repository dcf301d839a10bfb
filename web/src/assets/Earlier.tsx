import type { AssetPage } from '../shared/api/types'
import { Button } from '../shared/ui/Button'
import { sizeOf } from '../shared/ui/sizes'

/** The files an asset had before, each of which can be had back. */
export function Earlier({ page, onPutBack }: { page: AssetPage; onPutBack: (id: number) => void }) {
  if (!page.earlier.length) return null
  return (
    <section aria-label="Earlier files" className="grid gap-1">
      <h2 className="font-semibold">Earlier files</h2>
      <ul>
        {page.earlier.map((e) => (
          <li key={e.id} className="flex items-center gap-3 border-line border-b py-1.5">
            {e.tile && <img src={e.tile} alt="" className="h-12 w-20 shrink-0 border border-line object-cover" />}
            <span className="min-w-0 flex-1 text-small text-soft">
              {e.width > 0 && `${e.width} × ${e.height} pixels, `}
              {sizeOf(e.bytes)}, until{' '}
              {new Date(e.until).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })}
              {e.by && `, replaced by ${e.by}`}
            </span>
            <Button onClick={() => onPutBack(e.id)}>Put it back</Button>
          </li>
        ))}
      </ul>
    </section>
  )
}
