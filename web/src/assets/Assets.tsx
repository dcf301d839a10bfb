import { useAssets } from '../shared/api/queries'
import { Place } from '../shared/ui/Place'
import { useTitle } from '../shared/ui/useTitle'

/** The stored pictures and files. */
export function Assets() {
  useTitle('Assets')
  const assets = useAssets()
  return (
    <Place title="Assets" about="The pictures and files the site has. One asset can be used in many items.">
      {assets.data && !assets.data.length && (
        <p>
          There are no assets yet. Pictures come in with the texts that are pasted or imported, or by dropping them on a
          sheet.
        </p>
      )}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-5">
        {assets.data?.map((a) => (
          <li key={a.name} className="border border-line bg-sheet">
            {a.width > 0 && (
              <img src={a.tile} alt={a.alternative} loading="lazy" className="aspect-video w-full object-cover" />
            )}
            <div className="p-3">
              <p className="font-semibold">{a.title}</p>
              <p className="break-all text-small text-soft">{a.name}</p>
              <p className="text-small text-soft">
                {a.width > 0 && `${a.width} × ${a.height} pixels, `}
                {Math.max(1, Math.round(a.bytes / 1000))} kB
              </p>
              {a.credit && <p className="text-small text-soft">{a.credit}</p>}
            </div>
          </li>
        ))}
      </ul>
    </Place>
  )
}
