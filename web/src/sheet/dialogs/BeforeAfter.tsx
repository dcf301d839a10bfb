import { useMemo } from 'react'
import type { IntakeResult, OfferKind } from '../../shared/api/types'
import { Dialog } from '../../shared/ui/Dialog'
import { asShown } from '../base/shown'
import { numberings } from '../blocks/lists'
import type { Foreign } from '../intake/paste'

interface Props {
  before: Foreign
  after: string
  told: string
  notes: string[]
  offers: IntakeResult['offers']
  onClose: () => void
}

const offered: Record<OfferKind, string> = {
  HEADINGS: 'Lines that look like headings',
  LISTS: 'Lines that look like lists',
  RUNNING_LINES: 'Lines that stand on every page',
}

/** Foreign text as it came, beside what was made of it. */
export function BeforeAfter({ before, after, told, notes, offers, onClose }: Props) {
  const shown = useMemo(() => page(before), [before])
  const kept = useMemo(() => asOnThePage(after), [after])
  return (
    <Dialog open wide onClose={onClose} title="Before and after" about={told}>
      {notes.length > 0 && (
        <ul aria-label="Notes" className="mb-3 list-disc pl-5">
          {notes.map((n) => (
            <li key={n}>{n}</li>
          ))}
        </ul>
      )}
      <div className="grid grid-cols-2 gap-4 max-lg:grid-cols-1">
        <section aria-label="As it came">
          <h2 className="mb-1 font-semibold">As it came</h2>
          <iframe
            title="As it came"
            sandbox=""
            srcDoc={shown}
            className="h-[52vh] w-full rounded-3 border border-line bg-white"
          />
        </section>
        <section aria-label="As it was taken">
          <h2 className="mb-1 font-semibold">As it was taken</h2>
          <section
            aria-label="Text as it was taken"
            // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keyboard
            tabIndex={0}
            className="h-[52vh] overflow-auto rounded-3 border border-line bg-sheet p-4"
          >
            <div className="article" dangerouslySetInnerHTML={{ __html: kept }} />
          </section>
        </section>
      </div>
      {offers.map(({ kind, lines }) => (
        <section key={kind} aria-label={offered[kind]} className="mt-4">
          <h2 className="mb-1 font-semibold">{offered[kind]}</h2>
          <ul className="list-disc pl-5">
            {lines.map((l, i) => (
              <li key={i}>
                “{l.words}” {l.about}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </Dialog>
  )
}

/** The stored form as it can be shown here: with the counting that the reset of the interface takes off lists. */
function asOnThePage(html: string): string {
  return asShown(html).replace(
    /<ol type="([aAiI])"/g,
    (tag, type) => `${tag} style="list-style-type: ${numberings[type]}"`,
  )
}

/** A page that shows foreign text and can neither run nor fetch anything. */
function page({ html, text }: Foreign): string {
  const policy = `<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'; img-src data:">`
  if (html) return policy + unasked(html)
  const safe = text.replaceAll('&', '&amp;').replaceAll('<', '&lt;')
  return `${policy}<pre style="white-space: pre-wrap; font: 16px sans-serif">${safe}</pre>`
}

/** What fetches something of itself, and by which attributes. */
const FETCHING = ['src', 'srcset', 'poster', 'background', 'data'] as const

/** The same markup without what would be fetched: the policy forbids it too, but a browser may note the attempt. */
function unasked(html: string): string {
  const page = new DOMParser().parseFromString(html, 'text/html')
  for (const element of page.querySelectorAll(FETCHING.map((name) => `[${name}]`).join())) {
    for (const name of FETCHING) {
      if (!element.getAttribute(name)?.trim().toLowerCase().startsWith('data:')) element.removeAttribute(name)
    }
  }
  for (const link of page.querySelectorAll('link, base, meta[http-equiv]')) link.remove()
  return page.documentElement.outerHTML
}
