import { useState } from 'react'
import { useSnippets } from '../../shared/api/queries'
import { useAsked } from '../../shared/store/asked'
import { Button } from '../../shared/ui/Button'
import { Input } from '../../shared/ui/Field'
import { asShown } from '../../sheet'
import { useBench, useSaved } from '../state/context'

/** The ready-made pieces of the site, each with a look at it, to be put in where the cursor stands. */
export function Shelf() {
  const { sheet } = useBench()
  const kind = useSaved((now) => now.state.kind)
  const snippets = useSnippets(kind)
  const [words, setWords] = useState('')
  const search = useAsked<HTMLInputElement>('shelf')
  const letters = words.trim().toLowerCase()
  const fits = (snippets.data ?? []).filter((s) => `${s.name} ${s.about} ${s.shelf}`.toLowerCase().includes(letters))
  const shelves = [...new Set(fits.map((s) => s.shelf))].sort()
  return (
    <div className="grid gap-4 p-4">
      <Input ref={search} label="Look for a snippet" value={words} onChange={(e) => setWords(e.target.value)} />
      {!fits.length && (
        <p className="text-soft">
          {snippets.isPending
            ? 'Looking …'
            : letters
              ? `No snippet fits “${words}”.`
              : 'No snippets yet. Select something in the text, then Tidy, “Keep this as a snippet”.'}
        </p>
      )}
      {shelves.map((shelf) => (
        <section key={shelf} aria-label={shelf || 'Snippets'} className="grid gap-3">
          {shelf && <h2 className="font-semibold">{shelf}</h2>}
          <ul className="grid gap-3">
            {fits
              .filter((s) => s.shelf === shelf)
              .map((s) => (
                <li key={s.id} className="grid gap-1.5 border border-line bg-sheet p-2.5">
                  <div className="flex items-baseline justify-between gap-3">
                    <b className="min-w-0 truncate">{s.name}</b>
                    <span className="flex shrink-0 gap-1">
                      <Button aria-label={`Put in ${s.name}`} onClick={() => sheet.putIn(s)}>
                        Put in
                      </Button>
                      <Button
                        look="quiet"
                        aria-label={`Link ${s.name}`}
                        blocked={s.lines.some((l) => l.prompt) ? 'It has gaps to fill, so it can only be put in.' : ''}
                        onClick={() => sheet.linkTo(s.key)}
                      >
                        Link
                      </Button>
                    </span>
                  </div>
                  {s.about && <p className="text-small text-soft">{s.about}</p>}
                  <div className="max-h-28 overflow-hidden border-line border-t pt-1.5">
                    <div
                      className="article !text-[0.8125rem]"
                      inert
                      dangerouslySetInnerHTML={{ __html: asShown(s.body) }}
                    />
                  </div>
                </li>
              ))}
          </ul>
        </section>
      ))}
    </div>
  )
}
