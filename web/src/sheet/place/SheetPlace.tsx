import { memo, type ReactNode, useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react'
import { askImport } from '../../shared/store/importing'
import { readOwn, setOwn, useOwn } from '../../shared/store/own'
import { Button } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import type { Ask, PlaceAsk } from '../base/ask'
import { type DialogAsk, dialogs, type PartAsk } from '../dialogs'
import { setPlace } from '../intake/range'
import { openSettings } from '../plugins/settings'
import { backToText } from '../state/backToText'
import { useSheet } from '../state/context'
import { keysBeside } from '../state/keys'
import { PasteStrip } from '../strip/PasteStrip'
import { SelectionStrip } from '../strip/SelectionStrip'
import { ToolStrip } from '../strip/ToolStrip'
import { BlockGutter } from './BlockGutter'
import { focusSettings, SettingsBelow } from './BlockSettings'
import { importInto, putPictures } from './bringIn'
import { FindBar } from './FindBar'
import { InsertList } from './InsertList'
import { Kept } from './Kept'
import { LinkPreview } from './LinkPreview'
import { Palette } from './Palette'

interface Props {
  /** Whether something stands beside it, and it has little room. */
  beside: boolean
  quiet: boolean
  /** Whether the settings of a picked block stand below it, because there is no margin for them. */
  settingsBelow: boolean
  /** What the tools ask of the place around the sheet; each must be answered. */
  answers: Record<Exclude<PlaceAsk, 'import'>, () => void>
  onTell: (sentence: string) => void
}

const FEW = 'few-tools'

/** What is open over the sheet: one thing at a time. */
type Open =
  | { what: 'dialog'; ask: DialogAsk; given: string }
  | { what: 'insert'; typed: boolean }
  | { what: 'palette'; of: 'colour' | 'highlight'; byKey: boolean }
  | null

/** The tool strip and the sheet below it. */
export const SheetPlace = memo(function SheetPlace({ beside, quiet, settingsBelow, answers, onTell }: Props) {
  const sheet = useSheet()
  const place = useRef<HTMLDivElement>(null)
  const scroller = useRef<HTMLDivElement>(null)
  const [open, setOpen] = useState<Open>(null)
  const [findAsked, setFindAsked] = useState(0)
  const few = useOwn(FEW, false)
  const [crash, setCrash] = useState('')
  const [life, setLife] = useState(0)
  const pressed = useRef(0)

  // Before the effects of the margin, which measures where the blocks stand.
  useLayoutEffect(() => {
    const palette = (of: 'colour' | 'highlight') => () =>
      setOpen({ what: 'palette', of, byKey: Date.now() - pressed.current > 400 })
    const parts: Record<PartAsk | PlaceAsk, () => void> = {
      ...answers,
      settings: () => {
        sheet.dispatch(openSettings(sheet.state))
        setTimeout(focusSettings)
      },
      find: () => setFindAsked((n) => n + 1),
      insert: () => setOpen({ what: 'insert', typed: false }),
      slash: () => setOpen({ what: 'insert', typed: true }),
      colour: palette('colour'),
      highlight: palette('highlight'),
      import: () => {
        sheet.dispatch(setPlace(sheet.state))
        askImport([], importInto(sheet))
      },
      'paste-text': () => sheet.pasting.pasteText(),
      'fold-tools': () => setOwn(FEW, !readOwn(FEW, false) || undefined),
    }
    const isPart = (ask: Ask): ask is PartAsk | PlaceAsk => ask in parts
    sheet.hooks.tell = onTell
    sheet.hooks.files = async (given) => {
      const texts = await putPictures(sheet, given)
      if (texts.length) askImport(texts, importInto(sheet))
    }
    sheet.hooks.crash = (error) => setCrash(String((error as Error)?.message ?? error))
    sheet.hooks.ask = (ask, given = '') => {
      if (isPart(ask)) parts[ask]()
      else setOpen({ what: 'dialog', ask, given })
    }
  }, [sheet, onTell, answers])

  useLayoutEffect(() => {
    if (place.current) sheet.mount(place.current)
    sheet.scroller = scroller.current
    return () => sheet.unmount()
  }, [sheet, life])

  useEffect(() => {
    const handle = keysBeside((what) => sheet.hooks.ask(what))
    const onKey = (event: KeyboardEvent) => {
      if (sheet.view && handle(sheet.view, event)) event.preventDefault()
    }
    const onPress = () => {
      pressed.current = Date.now()
    }
    document.addEventListener('keydown', onKey)
    document.addEventListener('pointerdown', onPress, true)
    return () => {
      document.removeEventListener('keydown', onKey)
      document.removeEventListener('pointerdown', onPress, true)
    }
  }, [sheet])

  const close = useCallback(() => setOpen(null), [])

  const closeDialog = () => backToText(sheet, close)

  function goOn() {
    setCrash('')
    sheet.unmount()
    sheet.recover()
    setLife((n) => n + 1)
  }

  const Dialog = open?.what === 'dialog' ? dialogs[open.ask] : null
  let over: ReactNode = null
  if (open?.what === 'insert') over = <InsertList typed={open.typed} onClose={close} />
  else if (open?.what === 'palette') {
    const more = () => setOpen({ what: 'dialog', ask: 'type', given: '' })
    over = <Palette key={open.of} of={open.of} byKey={open.byKey} onMore={more} onClose={close} />
  }
  return (
    <section
      aria-label="Sheet"
      data-over={open ? '' : undefined}
      className={cx('flex min-w-0 flex-1 flex-col lg:min-w-[560px]', quiet && 'is-quiet')}
    >
      <div className="tools-of-quiet">
        <ToolStrip few={few} />
        <PasteStrip />
        {findAsked > 0 && <FindBar asked={findAsked} onClose={() => setFindAsked(0)} />}
      </div>
      {crash && (
        <div role="alert" className="flex items-center gap-4 border-line border-b bg-straw px-5 py-2">
          <p>The sheet could not do that ({crash}). Your text is kept as it was before.</p>
          <Button onClick={goOn}>Go on writing</Button>
        </div>
      )}
      <div ref={scroller} className="relative min-h-0 flex-1 overflow-auto bg-desk" data-region data-testid="scroller">
        <div
          className={cx(
            'sheet relative mx-auto my-4 border border-line bg-sheet py-10',
            beside ? 'px-11 max-lg:px-4' : 'max-w-[754px] px-14 max-xl:px-11',
          )}
        >
          <Kept onCrash={setCrash}>
            <div ref={place} className="mx-auto max-w-[40rem]" />
            <BlockGutter />
            {settingsBelow && <SettingsBelow />}
            {open?.what !== 'palette' && <SelectionStrip />}
            <LinkPreview />
            {over}
          </Kept>
        </div>
      </div>
      {Dialog && open?.what === 'dialog' && <Dialog given={open.given} onClose={closeDialog} />}
    </section>
  )
})
