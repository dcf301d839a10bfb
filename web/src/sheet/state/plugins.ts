import { dropCursor } from 'prosemirror-dropcursor'
import { gapCursor } from 'prosemirror-gapcursor'
import { history } from 'prosemirror-history'
import { search } from 'prosemirror-search'
import type { Plugin } from 'prosemirror-state'
import { tableEditing } from 'prosemirror-tables'
import type { Writing, WritingLanguage } from '../../shared/api/types'
import type { Direction } from '../base/direction'
import { files } from '../intake/files'
import { type Pasting, pastes } from '../intake/paste'
import { foreignStretch } from '../intake/range'
import { chipKeys } from '../plugins/chipKeys'
import { clipboard } from '../plugins/clipboard'
import { directions } from '../plugins/direction'
import { invisibles } from '../plugins/invisibles'
import { emptyLines, lastLine } from '../plugins/lines'
import { overlay } from '../plugins/overlay'
import { typingBelowPicked } from '../plugins/picked'
import { prompts } from '../plugins/prompts'
import { references } from '../plugins/references'
import { settings } from '../plugins/settings'
import { columnDrag, tablePaste, tidyTables } from '../plugins/tables'
import { toolsetPlugin } from '../plugins/toolset'
import { typing } from '../plugins/typing'
import { underlines } from '../plugins/underlines'
import type { SheetHooks } from './hooks'
import { keys } from './keys'

/** What the plugins need of the sheet they work for. */
interface PluginHost {
  readonly writing: Writing
  readonly writingLanguage: WritingLanguage
  readonly pasting: Pasting
  readonly hooks: SheetHooks
}

/** Which way a language runs. */
export const directionOf = ({ direction }: WritingLanguage): Direction => (direction === 'rtl' ? 'rtl' : 'ltr')

/** Everything that makes the sheet more than a text field. The first that answers a key or a paste has it. */
export function pluginsOf(sheet: PluginHost): Plugin[] {
  return [
    toolsetPlugin,
    tidyTables,
    typingBelowPicked,
    settings,
    typing(() => sheet.writingLanguage.quotes),
    tablePaste,
    files((given) => sheet.hooks.files(given)),
    clipboard(
      (code) => sheet.hooks.ask('embed', code),
      (address) => sheet.writing.hosts.some((h) => address.startsWith(`https://${h.host}/`)),
    ),
    pastes(() => sheet.pasting),
    foreignStretch,
    directions(() => directionOf(sheet.writingLanguage)),
    prompts,
    chipKeys,
    ...keys((what) => sheet.hooks.ask(what)),
    columnDrag(),
    tableEditing(),
    // A morning's work can be taken back, not only the last hundred steps.
    history({ depth: 2000 }),
    search(),
    invisibles,
    overlay,
    dropCursor({ color: 'var(--color-petrol)', width: 3 }),
    gapCursor(),
    references(),
    underlines,
    lastLine,
    emptyLines,
  ]
}
