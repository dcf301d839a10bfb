import { useState } from 'react'
import { cx } from '../../shared/ui/cx'
import { SheetContext } from '../state/context'
import type { Sheet } from '../state/Sheet'
import { SheetPlace } from './SheetPlace'

interface Props {
  sheet: Sheet
  /** How high it stands, as a class. */
  height: string
  /** What is said of tools that need an item around the sheet. */
  not: string
}

/** A sheet in a frame of its own, without the bench around it. */
export function SheetAlone({ sheet, height, not }: Props) {
  const [told, setTold] = useState('')
  const [answers] = useState(() => {
    const tell = () => setTold(not)
    return {
      quiet: tell,
      out: tell,
      'save-outline': tell,
      'keep-snippet': tell,
      shelf: tell,
      'mark-next': tell,
      'mark-previous': tell,
      'mark-mend': tell,
      'mark-leave': tell,
    }
  })
  return (
    <SheetContext value={sheet}>
      <div className={cx('flex min-w-0 border border-line bg-paper', height)}>
        <SheetPlace beside quiet={false} settingsBelow answers={answers} onTell={setTold} />
      </div>
      <p role="status" className="min-h-5 text-soft">
        {told}
      </p>
    </SheetContext>
  )
}
