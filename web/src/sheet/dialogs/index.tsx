import type { ReactNode } from 'react'
import type { SheetAsk } from '../base/ask'
import { insertBlock } from '../commands/blocks'
import { schema } from '../model/schema'
import { HtmlEditor } from '../panels/HtmlEditor'
import { useSheet } from '../state/context'
import { AssetDialog, GalleryDialog } from './AssetDialogs'
import { CharactersDialog, CountsDialog, HelpsDialog } from './HelpDialogs'
import { ColumnsDialog, EmbedDialog, JumpDialog, TableDialog } from './InsertDialogs'
import { LinkDialog } from './LinkDialog'
import { MergeFieldDialog } from './MergeFieldDialog'
import { PictureDialog } from './PictureDialog'
import { ShortcutsDialog } from './ShortcutsDialog'
import { TableSettingsDialog } from './TableSettingsDialog'
import { TidyDialog } from './TidyDialog'
import { TypeDialog, ValueDialog } from './WordDialogs'

/** What a tool asks for that is not a dialog, but a part of the sheet's own place. */
export type PartAsk = 'settings' | 'find' | 'insert' | 'slash' | 'fold-tools' | 'paste-text' | 'colour' | 'highlight'

/** What a tool asks for that is a dialog. */
export type DialogAsk = Exclude<SheetAsk, PartAsk>

interface DialogProps {
  /** What was pasted, where that is why the dialog is asked for. */
  given: string
  onClose: () => void
}

/** Every dialog a tool can ask for. A tool whose dialog is missing does not compile. */
export const dialogs: Record<DialogAsk, (props: DialogProps) => ReactNode> = {
  link: LinkDialog,
  button: (props) => <LinkDialog asButton {...props} />,
  picture: PictureDialog,
  gallery: GalleryDialog,
  table: TableDialog,
  'table-settings': TableSettingsDialog,
  columns: ColumnsDialog,
  embed: EmbedDialog,
  audio: (props) => <AssetDialog kind="audio" {...props} />,
  video: (props) => <AssetDialog kind="video" {...props} />,
  download: (props) => <AssetDialog kind="download" {...props} />,
  jump: JumpDialog,
  html: NewHtml,
  type: TypeDialog,
  abbreviation: (props) => <ValueDialog kind="abbreviation" {...props} />,
  language: (props) => <ValueDialog kind="language" {...props} />,
  'merge-field': MergeFieldDialog,
  characters: CharactersDialog,
  shortcuts: ShortcutsDialog,
  helps: HelpsDialog,
  tidy: TidyDialog,
  counts: CountsDialog,
}

/** A new piece of HTML for what there is no block for. */
function NewHtml({ onClose }: DialogProps) {
  const sheet = useSheet()
  return <HtmlEditor put={(html) => sheet.run(insertBlock(schema.node('html', { html })))} onClose={onClose} />
}
