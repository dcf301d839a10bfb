import { useState } from 'react'
import { Button } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { FaceFrame } from '../cards/FaceFrame'
import { printItem } from '../out/forms'
import { useBench, useSaved } from '../state/context'
import { ProofFrame } from './ProofFrame'

const widths = [
  { name: 'Phone', px: 360 },
  { name: 'Tablet', px: 768 },
  { name: 'Desktop', px: 1280 },
] as const

/** A sheet of A4 at 96 pixels to the inch. */
const paper = { name: 'Print', px: 794 } as const

/** How the item is seen elsewhere than on its page. */
const elsewhere = 'Elsewhere'

/** The item as readers will see it, at the widths that matter. */
export function Proof({ beside }: { beside: boolean }) {
  const { saver } = useBench()
  const [chosen, setChosen] = useState<string>('Phone')
  const names = [...widths.map((w) => w.name), ...(beside ? [] : ['All three']), paper.name, elsewhere]
  const current = names.includes(chosen) ? chosen : 'Phone'
  const shown = current === 'All three' ? widths : [...widths, paper].filter((w) => w.name === current)
  const revision = useSaved((now) => now.state.revision)
  const path = useSaved((now) => now.state.placement.path)

  return (
    <section
      aria-label="Proof"
      data-region
      className={cx('flex min-w-0 flex-col', beside ? 'flex-[1.1] border-line border-l' : 'flex-1')}
    >
      <div className="flex min-h-11 shrink-0 items-center gap-3 border-line border-b px-4">
        <fieldset className="flex overflow-hidden rounded-3 border border-edge">
          <legend className="sr-only">Width</legend>
          {names.map((name) => (
            <button
              key={name}
              type="button"
              aria-pressed={name === current}
              onClick={() => setChosen(name)}
              className={cx(
                'h-7 border-edge px-2.5 not-first:border-l -outline-offset-2',
                name === current ? 'bg-ink text-white' : 'bg-sheet hover:bg-desk',
              )}
            >
              {name}
            </button>
          ))}
        </fieldset>
        {current === paper.name && <Button onClick={() => printItem(saver.key)}>Print</Button>}
        <p className="ml-auto truncate text-soft">{path || 'No address yet'}</p>
      </div>
      {current === elsewhere ? (
        <section
          aria-label="How it is seen elsewhere"
          // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, also by the keyboard
          tabIndex={0}
          className="grid min-h-0 flex-1 content-start justify-items-center gap-6 overflow-auto bg-desk p-4 -outline-offset-2"
        >
          <FaceFrame face="teaser" width={360} />
          <FaceFrame face="search" width={640} />
          <FaceFrame face="shared" width={420} />
        </section>
      ) : (
        <div className="flex min-h-0 flex-1 justify-center gap-4 bg-desk p-3">
          {shown.map((w) => (
            <ProofFrame
              key={w.name}
              itemKey={saver.key}
              revision={revision}
              name={w.name}
              width={w.px}
              face={w.name === paper.name ? 'print' : 'page'}
              share={w.px}
              beside={beside}
            />
          ))}
        </div>
      )}
    </section>
  )
}
