import { Link } from 'react-router'
import type { AssetPage } from '../shared/api/types'

type Use = AssetPage['uses'][number]

const places: Record<Use['place'], string> = {
  LEAD_PICTURE: 'lead picture',
  PICTURE: 'picture in the text',
  SOUND: 'sound',
  FILM: 'film',
  POSTER: 'picture before a film plays',
  CAPTIONS: 'captions',
  DOWNLOAD: 'download',
  LINK: 'link',
  FIELD: 'in a field',
  ATTACHMENT: 'attachment',
  SECTION_PICTURE: 'picture of the section',
  MENU: 'entry of a menu',
  REFERENCE_LINK: 'reference link',
  SNIPPET: 'snippet',
  OUTLINE: 'outline',
}

/** Every place an asset is in; what readers see first. */
export function Uses({ uses, heading = 'Where it is used' }: { uses: Use[]; heading?: string }) {
  return (
    <section aria-label={heading} className="grid gap-1">
      <h2 className="font-semibold">{heading}</h2>
      {!uses.length && <p className="text-soft">Nowhere.</p>}
      <ul>
        {uses.map((u) => (
          <li key={`${u.at} ${u.title} ${u.place} ${u.forReaders}`} className="border-line border-b py-1.5">
            {u.at ? (
              <Link to={`/${u.at}`} className="font-semibold hover:underline">
                {u.title || 'Untitled'}
              </Link>
            ) : (
              <b>{u.title}</b>
            )}
            <span className="text-soft">
              {' '}
              {places[u.place]},{' '}
              {u.forReaders ? 'live' : u.at.startsWith('items/') ? 'in the working copy only' : 'not for readers'}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
