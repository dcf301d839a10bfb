import { Component, memo, type ReactNode, useEffect, useLayoutEffect, useRef, useState } from 'react'
import { askImport } from '../../intake/importing'
import { SaveOutlineDialog } from '../../outlines/SaveOutlineDialog'
import { Button } from '../../ui/Button'
import { cx } from '../../ui/cx'
import { useSheet } from '../context'
import { BlockGutter } from './BlockGutter'
import { CharactersDialog, CountsDialog, HelpsDialog, ShortcutsDialog } from './dialogs/HelpDialogs'
import { HtmlDialog } from './dialogs/HtmlDialog'
import {
  AssetDialog,
  ColumnsDialog,
  EmbedDialog,
  GalleryDialog,
  JumpDialog,
  TableDialog,
} from './dialogs/InsertDialogs'
import { LinkDialog } from './dialogs/LinkDialog'
import { PictureDialog } from './dialogs/PictureDialog'
import { TableSettingsDialog } from './dialogs/TableSettingsDialog'
import { TypeDialog, ValueDialog } from './dialogs/WordDialogs'
import { FindBar } from './FindBar'
import { InsertList } from './InsertList'
import { importInto, putPictures } from './intake/files'
import { PasteStrip } from './intake/PasteStrip'
import { markPlace } from './intake/range'
import { TidyDialog } from './intake/TidyDialog'
import { keysBeside } from './keys'
import { LinkPreview } from './LinkPreview'
import { BlockPanel } from './panels/BlockPanel'
import { SelectionStrip } from './strip/SelectionStrip'
import { ToolStrip } from './strip/ToolStrip'
import type { Ask } from './tools/tool'

interface Props {
  beside: boolean
  quiet: boolean
  onQuiet: () => void
  onTell: (sentence: string) => void
  onOut: () => void
}

const FEW = 'blenner.few-tools'

/** The tool strip and the sheet below it. */
export const SheetPlace = memo(function SheetPlace({ beside, quiet, onQuiet, onTell, onOut }: Props) {
  const sheet = useSheet()
  const place = useRef<HTMLDivElement>(null)
  const scroller = useRef<HTMLDivElement>(null)
  const [dialog, setDialog] = useState<{ what: Ask; given: string } | null>(null)
  const [settingsAsked, setSettingsAsked] = useState(0)
  const [findAsked, setFindAsked] = useState(0)
  const [few, setFew] = useState(() => localStorage.getItem(FEW) === 'yes')
  const [crash, setCrash] = useState('')
  const [life, setLife] = useState(0)

  // Before the effects of the margin, which measures where the blocks stand.
  useLayoutEffect(() => {
    sheet.onTell = onTell
    sheet.onFiles = async (given) => {
      const texts = await putPictures(sheet, given)
      if (texts.length) askImport(texts, importInto(sheet))
    }
    sheet.onCrash = (error) => setCrash(String((error as Error)?.message ?? error))
    sheet.onAsk = (what, given = '') => {
      if (what === 'settings') setSettingsAsked((n) => n + 1)
      else if (what === 'find') setFindAsked((n) => n + 1)
      else if (what === 'quiet') onQuiet()
      else if (what === 'out') onOut()
      else if (what === 'import') {
        sheet.dispatch(markPlace(sheet.state))
        askImport([], importInto(sheet))
      } else if (what === 'paste-text') sheet.pasting.pasteText()
      else if (what === 'fold-tools')
        setFew((was) => {
          localStorage.setItem(FEW, was ? 'no' : 'yes')
          return !was
        })
      else setDialog({ what, given })
    }
  }, [sheet, onTell, onQuiet, onOut])

  useLayoutEffect(() => {
    if (place.current) sheet.mount(place.current)
    sheet.scroller = scroller.current
    return () => sheet.unmount()
  }, [sheet, life])

  useEffect(() => {
    const handle = keysBeside((what) => sheet.onAsk(what))
    const onKey = (event: KeyboardEvent) => {
      if (sheet.view && handle(sheet.view, event)) event.preventDefault()
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  }, [sheet])

  function close() {
    setDialog(null)
    // The dialog gives the keyboard back to what opened it; the text is where one goes on.
    setTimeout(() => sheet.view?.focus())
  }

  function goOn() {
    setCrash('')
    sheet.unmount()
    sheet.recover()
    setLife((n) => n + 1)
  }

  return (
    <section aria-label="Sheet" className={cx('flex min-w-0 flex-1 flex-col lg:min-w-[560px]', quiet && 'is-quiet')}>
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
            <BlockPanel asked={settingsAsked} />
            <SelectionStrip />
            <LinkPreview />
            {dialog?.what === 'insert' && <InsertList onClose={() => setDialog(null)} />}
          </Kept>
        </div>
      </div>
      {dialog && <Asked what={dialog.what} given={dialog.given} close={close} />}
    </section>
  )
})

function Asked({ what, given, close }: { what: Ask; given: string; close: () => void }) {
  const sheet = useSheet()
  switch (what) {
    case 'link':
      return <LinkDialog onClose={close} />
    case 'button':
      return <LinkDialog asButton onClose={close} />
    case 'picture':
      return <PictureDialog onClose={close} />
    case 'gallery':
      return <GalleryDialog onClose={close} />
    case 'table':
      return <TableDialog onClose={close} />
    case 'table-settings':
      return <TableSettingsDialog onClose={close} />
    case 'columns':
      return <ColumnsDialog onClose={close} />
    case 'embed':
      return <EmbedDialog given={given} onClose={close} />
    case 'audio':
    case 'video':
    case 'download':
      return <AssetDialog kind={what} onClose={close} />
    case 'jump':
      return <JumpDialog onClose={close} />
    case 'html':
      return <HtmlDialog onClose={close} />
    case 'colour':
      return <TypeDialog onClose={close} />
    case 'abbreviation':
    case 'language':
      return <ValueDialog kind={what} onClose={close} />
    case 'characters':
      return <CharactersDialog onClose={close} />
    case 'shortcuts':
      return <ShortcutsDialog onClose={close} />
    case 'helps':
      return <HelpsDialog onClose={close} />
    case 'save-outline':
      return <SaveOutlineDialog body={sheet.html()} onClose={close} />
    case 'tidy':
      return <TidyDialog onClose={close} />
    case 'counts':
      return <CountsDialog onClose={close} />
    default:
      return null
  }
}

/** Catches what fails while the sheet is shown, so that the rest of the bench stands. */
class Kept extends Component<{ onCrash: (message: string) => void; children: ReactNode }, { failed: boolean }> {
  state = { failed: false }

  static getDerivedStateFromError() {
    return { failed: true }
  }

  componentDidCatch(error: Error) {
    this.props.onCrash(error.message)
  }

  render() {
    if (!this.state.failed) return this.props.children
    return (
      <p className="p-4">
        This part of the sheet failed. <Button onClick={() => this.setState({ failed: false })}>Show it again</Button>
      </p>
    )
  }
}
