import { Link } from 'react-router'
import { useAsked } from '../shared/store/asked'
import { Button } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { StageIcon } from '../shared/ui/StageIcon'
import { ago, useNow } from '../shared/ui/time'
import { useBench, useSaved } from './state/context'

export type View = 'write' | 'markup' | 'both' | 'proof'

const views: { view: View; name: string }[] = [
  { view: 'write', name: 'Write' },
  { view: 'markup', name: 'Markup' },
  { view: 'both', name: 'Write | Proof' },
  { view: 'proof', name: 'Proof' },
]

interface Props {
  view: View
  setView: (view: View) => void
  onOut: () => void
}

/** The way back, the title, the stage, when it was saved, and the views. */
export function Header({ view, setView, onOut }: Props) {
  const { saver, sheet } = useBench()
  const words = useSaved((now) => now.fields.title)
  const kind = useSaved((now) => now.state.labels.kind)
  const stage = useSaved((now) => now.state.stage)
  const stageLabel = useSaved((now) => now.state.labels.stage)
  const title = useAsked<HTMLInputElement>('title')
  const language = useSaved((now) => now.state.language)
  return (
    <div
      className="bench-header flex min-h-14 shrink-0 flex-wrap items-center gap-x-4 gap-y-1 border-line border-b px-5 py-1 max-lg:px-3"
      data-region
    >
      <Link to="/worklist" className="shrink-0 rounded-3 text-soft hover:text-ink">
        ‹ Worklist
      </Link>
      <h1 className="min-w-40 flex-1">
        <input
          ref={title}
          aria-label="Title"
          lang={language.language}
          dir={language.direction}
          placeholder={`Title of the ${kind.toLowerCase()}`}
          maxLength={300}
          value={words}
          onChange={(e) => saver.change({ title: e.target.value })}
          onKeyDown={(e) => {
            // The text is where one goes on; what stands between is reached from the text, backwards.
            const on = e.key === 'Enter' || (e.key === 'Tab' && !e.shiftKey)
            if (on && !e.ctrlKey && !e.altKey && !e.nativeEvent.isComposing && sheet.view) {
              e.preventDefault()
              sheet.focus()
            }
          }}
          className="w-full truncate rounded-3 bg-transparent px-1 font-semibold font-serif text-title placeholder:text-soft"
        />
      </h1>
      <p className="flex shrink-0 items-center gap-1.5">
        <StageIcon stage={stage} />
        {stageLabel}
      </p>
      <Saved />
      <Button look="quiet" className="h-7 px-2" onClick={onOut}>
        Take out
      </Button>
      <fieldset className="flex shrink-0 overflow-hidden rounded-3 border border-edge">
        <legend className="sr-only">View</legend>
        {views.map((v) => (
          <button
            key={v.view}
            type="button"
            aria-pressed={view === v.view}
            onClick={() => setView(v.view)}
            className={cx(
              'h-7 border-edge px-3 not-first:border-l -outline-offset-2',
              view === v.view ? 'bg-ink font-semibold text-white' : 'bg-sheet hover:bg-desk',
            )}
          >
            {v.name}
          </button>
        ))}
      </fieldset>
    </div>
  )
}

/** Whether what is on the screen is on the server too. */
function Saved() {
  const status = useSaved((now) => now.status)
  const savedAt = useSaved((now) => now.savedAt)
  const now = useNow(1000)
  const told = {
    saved: `Saved ${ago(savedAt, now)}`,
    unsaved: 'Saving …',
    unreachable: 'The server does not answer; your text is kept here',
    'signed-out': 'Not saved: you are signed out',
    'other-person': 'Not saved: somebody else is signed in',
    gone: 'Not saved: the item is not there any more',
    conflict: 'Not saved: somebody changed it too',
    refused: '',
  }[status.is]
  const why = status.is === 'refused' ? status.why : ''
  const calm = status.is === 'saved' || status.is === 'unsaved'
  return (
    <p data-testid="saved" className={cx('max-w-64 shrink-0', calm ? 'text-soft' : 'text-rust')}>
      {told || `Not saved. ${why}`}
    </p>
  )
}
