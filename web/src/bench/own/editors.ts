import type { ComponentType } from 'react'
import type { FieldType } from '../../shared/api/types'
import { ChoiceEditor } from './ChoiceEditor'
import { ChoicesEditor } from './ChoicesEditor'
import { DateEditor } from './DateEditor'
import { FactsEditor } from './FactsEditor'
import { FilesEditor } from './FilesEditor'
import { ItemsEditor } from './ItemsEditor'
import { LineEditor } from './LineEditor'
import { LinesEditor } from './LinesEditor'
import { LinkEditor } from './LinkEditor'
import { NamesEditor } from './NamesEditor'
import { NumberEditor } from './NumberEditor'
import { PictureEditor } from './PictureEditor'
import { PicturesEditor } from './PicturesEditor'
import type { EditorProps } from './props'
import { RichTextEditor } from './RichTextEditor'
import { SideEditor } from './SideEditor'
import { TimeEditor } from './TimeEditor'
import { YesNoEditor } from './YesNoEditor'

/** The editor of each type of field; a type without one does not compile. */
export const editors: Record<FieldType, ComponentType<EditorProps>> = {
  LINE: LineEditor,
  LINES: LinesEditor,
  RICH_TEXT: RichTextEditor,
  PICTURE: PictureEditor,
  PICTURES: PicturesEditor,
  LINK: LinkEditor,
  NUMBER: NumberEditor,
  DATE: DateEditor,
  TIME: TimeEditor,
  YES_NO: YesNoEditor,
  CHOICE: ChoiceEditor,
  CHOICES: ChoicesEditor,
  NAMES: NamesEditor,
  ITEMS: ItemsEditor,
  FACTS: FactsEditor,
  FILES: FilesEditor,
  SIDE: SideEditor,
}
