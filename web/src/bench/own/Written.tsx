import { asShown } from '../../sheet'

/** A formatted text of a field as it is now. */
export function Written({ label, html }: { label: string; html: string }) {
  return (
    <section
      aria-label={`${label}, as it stands`}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
      tabIndex={0}
      className="max-h-60 overflow-auto border border-line bg-sheet px-3 py-1"
    >
      <div inert className="article" dangerouslySetInnerHTML={{ __html: asShown(html) }} />
    </section>
  )
}
