import { redo, undo } from 'prosemirror-history'
import { findNext, findPrev } from 'prosemirror-search'
import { formatWords } from '../../shared/base/formats'
import { kinds } from '../blocks/kinds'
import * as b from '../commands/blocks'
import { invisiblesShown, toggleInvisibles } from '../plugins/invisibles'
import { overlayShown, toggleOverlay } from '../plugins/overlay'
import { toPrompt } from '../plugins/prompts'
import { hasSettings } from '../plugins/settings'
import { insertTools } from './insert'
import { tableTools } from './table'
import { structureTools, textTools } from './text'
import type { MenuName, Tool } from './tool'

const blockTools: Tool[] = [
  {
    id: 'move-up',
    name: 'Move the block up',
    group: 'blocks',
    menus: { tidy: 2 },
    keys: 'Alt-Shift-ArrowUp',
    command: b.moveUp,
  },
  {
    id: 'move-down',
    name: 'Move the block down',
    group: 'blocks',
    menus: { tidy: 2 },
    keys: 'Alt-Shift-ArrowDown',
    command: b.moveDown,
  },
  {
    id: 'section-up',
    name: 'Move the section up',
    group: 'blocks',
    menus: { tidy: 2 },
    keys: 'Mod-Alt-Shift-ArrowUp',
    command: b.moveSectionUp,
  },
  {
    id: 'section-down',
    name: 'Move the section down',
    group: 'blocks',
    menus: { tidy: 2 },
    keys: 'Mod-Alt-Shift-ArrowDown',
    command: b.moveSectionDown,
  },
  {
    id: 'duplicate',
    name: 'Duplicate the block',
    group: 'blocks',
    menus: { tidy: 3 },
    keys: 'Mod-d',
    words: 'copy',
    command: b.duplicate,
  },
  {
    id: 'delete',
    name: 'Delete the block',
    group: 'blocks',
    menus: { tidy: 3 },
    keys: 'Mod-Shift-Delete',
    words: 'remove take out',
    command: b.remove,
  },
]

const viewTools: Tool[] = [
  { id: 'undo', name: 'Undo', group: 'tidy', strip: { label: '↶', always: true }, keys: 'Mod-z', command: undo },
  {
    id: 'redo',
    name: 'Redo',
    group: 'tidy',
    strip: { label: '↷', always: true },
    keys: 'Mod-Shift-z',
    otherKeys: ['Mod-y'],
    command: redo,
  },
  {
    id: 'find',
    name: 'Find and replace',
    group: 'tidy',
    menus: { tidy: 1 },
    keys: 'Mod-f',
    otherKeys: ['Mod-h'],
    words: 'search',
    ask: 'find',
    everywhere: true,
  },
  {
    id: 'paste-text',
    name: 'Paste text only',
    group: 'tidy',
    menus: { tidy: 1 },
    keys: 'Mod-Shift-v',
    words: 'plain clipboard without format',
    ask: 'paste-text',
  },
  {
    id: 'tidy',
    name: 'Tidy the text',
    group: 'tidy',
    menus: { tidy: 0 },
    keys: 'Mod-Shift-y',
    words: 'clean empty paragraphs spaces typed lists bold headings capitals quotes',
    ask: 'tidy',
    everywhere: true,
  },
  {
    id: 'out',
    name: 'Take out',
    group: 'view',
    keys: 'Mod-Shift-o',
    words: 'export download copy word processor docx odt markdown text html print save as a copy',
    ask: 'out',
    everywhere: true,
  },
  {
    id: 'save-outline',
    name: 'Make an outline of this text',
    group: 'tidy',
    menus: { tidy: 4 },
    words: 'prompts structure template save',
    ask: 'save-outline',
  },
  {
    id: 'keep-snippet',
    name: 'Keep this as a snippet',
    group: 'tidy',
    menus: { tidy: 4 },
    words: 'ready made piece save selection reuse',
    ask: 'keep-snippet',
  },
  {
    id: 'shelf',
    name: 'Shelf of snippets',
    group: 'view',
    menus: { view: 1 },
    words: 'ready made pieces drop in',
    ask: 'shelf',
    everywhere: true,
  },
  {
    id: 'import',
    name: 'Import',
    group: 'insert',
    menus: { insert: 0 },
    keys: 'Mod-o',
    words: `file ${formatWords} web address bring in`,
    insert: { family: 'text', about: 'A file or a page of the web', sign: kinds.download.sign },
    ask: 'import',
    everywhere: true,
  },
  {
    id: 'mark-next',
    name: 'Next mark',
    group: 'view',
    menus: { view: 2 },
    keys: 'F4',
    words: 'preflight check finding problem go to',
    ask: 'mark-next',
    everywhere: true,
  },
  {
    id: 'mark-previous',
    name: 'Previous mark',
    group: 'view',
    menus: { view: 2 },
    keys: 'Shift-F4',
    words: 'preflight check finding problem go back',
    ask: 'mark-previous',
    everywhere: true,
  },
  {
    id: 'mark-mend',
    name: 'Mend what is marked',
    group: 'view',
    menus: { view: 2 },
    keys: 'Mod-Alt-r',
    words: 'preflight check finding problem repair put right fix',
    ask: 'mark-mend',
    everywhere: true,
  },
  {
    id: 'mark-leave',
    name: 'Leave what is marked as it is',
    group: 'view',
    menus: { view: 2 },
    keys: 'Mod-Alt-x',
    words: 'preflight check finding problem dismiss meant so ignore',
    ask: 'mark-leave',
    everywhere: true,
  },
  {
    id: 'next-gap',
    name: 'Next gap to fill',
    group: 'tidy',
    menus: { tidy: 4 },
    keys: 'F8',
    words: 'prompt placeholder snippet outline',
    command: toPrompt(1),
  },
  { id: 'previous-gap', name: 'Previous gap to fill', group: 'tidy', keys: 'Shift-F8', command: toPrompt(-1) },
  { id: 'find-next', name: 'Next match', group: 'tidy', keys: 'F3', command: findNext },
  { id: 'find-previous', name: 'Previous match', group: 'tidy', keys: 'Shift-F3', command: findPrev },
  {
    id: 'settings',
    name: 'Settings of the block',
    group: 'blocks',
    keys: 'Alt-Enter',
    words: 'panel card alternative text',
    menus: { tidy: 3 },
    ask: 'settings',
    can: hasSettings,
  },
  { id: 'insert', name: 'Insert list', group: 'insert', keys: 'Mod-Enter', words: 'add block slash', ask: 'insert' },
  {
    id: 'invisibles',
    name: 'Invisible characters',
    group: 'view',
    menus: { view: 1 },
    keys: 'Mod-Alt-i',
    words: 'spaces paragraph marks no-break',
    command: toggleInvisibles,
    on: invisiblesShown,
  },
  {
    id: 'overlay',
    name: 'Structure overlay',
    group: 'view',
    menus: { view: 1 },
    keys: 'Mod-Alt-e',
    words: 'outline blocks levels',
    command: toggleOverlay,
    on: overlayShown,
  },
  {
    id: 'quiet',
    name: 'Quiet mode',
    group: 'view',
    menus: { view: 1 },
    keys: 'F9',
    words: 'full screen focus',
    ask: 'quiet',
    everywhere: true,
  },
  {
    id: 'counts',
    name: 'Counts and reading time',
    group: 'view',
    menus: { view: 1 },
    keys: 'Mod-Alt-w',
    words: 'words characters length',
    ask: 'counts',
    everywhere: true,
  },
  {
    id: 'fold-tools',
    name: 'Fewer or more tools',
    group: 'view',
    menus: { view: 1 },
    words: 'strip fold',
    ask: 'fold-tools',
  },
  {
    id: 'helps',
    name: 'Typing helps',
    group: 'view',
    menus: { view: 1 },
    words: 'curly quotes dashes markdown switch off',
    ask: 'helps',
  },
  {
    id: 'shortcuts',
    name: 'Shortcuts',
    group: 'view',
    menus: { view: 1 },
    keys: 'Mod-/',
    words: 'keys keyboard map',
    ask: 'shortcuts',
    everywhere: true,
  },
]

/** Every tool there is. The strip, the keys, the insert list, the shortcuts and the find field are made from it. */
export const tools: Tool[] = [
  ...textTools,
  ...structureTools,
  ...insertTools,
  ...tableTools,
  ...blockTools,
  ...viewTools,
]

/** The tools of one menu, in parts. */
export function menu(name: MenuName): Tool[][] {
  const parts = new Map<number, Tool[]>()
  for (const t of tools) {
    const part = t.menus?.[name]
    if (part !== undefined) parts.set(part, [...(parts.get(part) ?? []), t])
  }
  return [...parts].sort(([a], [b]) => a - b).map(([, part]) => part)
}

const byId = new Map(tools.map((t) => [t.id, t]))

/** The tool of a short name; none where there is none any more. */
export function known(id: string): Tool[] {
  const found = byId.get(id)
  return found ? [found] : []
}

/** A tool by its short name. */
export function tool(id: string): Tool {
  const found = byId.get(id)
  if (!found) throw new Error(`no tool ${id}`)
  return found
}

/** A shortcut as people read it. */
export function told(keys: string): string {
  const mac = navigator.platform.startsWith('Mac')
  const names: Record<string, string> = {
    Mod: mac ? 'Cmd' : 'Ctrl',
    ArrowUp: 'Up',
    ArrowDown: 'Down',
    ArrowLeft: 'Left',
    ArrowRight: 'Right',
  }
  const parts = keys.endsWith('--') ? [...keys.slice(0, -2).split('-'), '-'] : keys.split('-')
  return parts.map((k) => names[k] ?? (k.length === 1 ? k.toUpperCase() : k)).join('+')
}
