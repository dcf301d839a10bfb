import { useLayoutEffect, useRef, useState } from 'react'
import { cx } from '../../ui/cx'
import { useBench } from '../context'
import { LinkDialog } from './LinkDialog'
import { PictureDialog } from './PictureDialog'
import { PicturePanel } from './PicturePanel'
import { SelectionStrip } from './SelectionStrip'
import { ToolStrip } from './ToolStrip'

/** The tool strip and the sheet below it. */
export function SheetPlace({ beside }: { beside: boolean }) {
  const { sheet } = useBench()
  const place = useRef<HTMLDivElement>(null)
  const scroller = useRef<HTMLDivElement>(null)
  const [dialog, setDialog] = useState<'link' | 'picture' | null>(null)
  const [settingsAsked, setSettingsAsked] = useState(0)

  // Before the effects of the margin, which measures where the blocks stand.
  useLayoutEffect(() => {
    sheet.asks = {
      link: () => setDialog('link'),
      picture: () => setDialog('picture'),
      pictureSettings: () => setSettingsAsked((n) => n + 1),
    }
    if (place.current) sheet.mount(place.current)
    sheet.scroller = scroller.current
    return () => sheet.unmount()
  }, [sheet])

  function close() {
    setDialog(null)
    // The dialog gives the keyboard back to what opened it; the text is where one goes on.
    setTimeout(() => sheet.view?.focus())
  }

  return (
    <section aria-label="Sheet" className="flex min-w-0 flex-1 flex-col lg:min-w-[560px]">
      <ToolStrip />
      <div ref={scroller} className="relative min-h-0 flex-1 overflow-auto bg-desk" data-region>
        <div
          className={cx(
            'sheet relative mx-auto my-4 border border-line bg-sheet py-10',
            beside ? 'px-8 max-lg:px-4' : 'max-w-[754px] px-14 max-xl:px-10',
          )}
        >
          <div ref={place} className="mx-auto max-w-[40rem]" />
          <PicturePanel asked={settingsAsked} />
          <SelectionStrip />
        </div>
      </div>
      {dialog === 'link' && <LinkDialog onClose={close} />}
      {dialog === 'picture' && <PictureDialog onClose={close} />}
    </section>
  )
}
