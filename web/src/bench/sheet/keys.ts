import { baseKeymap } from 'prosemirror-commands'
import { redo, undo } from 'prosemirror-history'
import type { Command } from 'prosemirror-state'
import * as c from './commands'
import { schema } from './schema'

/** The shortcuts of the sheet. Names of keys as ProseMirror has them; Mod is Ctrl, or Cmd on a Mac. */
export const shortcuts = {
  strong: 'Mod-b',
  emphasis: 'Mod-i',
  link: 'Mod-k',
  paragraph: 'Mod-Alt-0',
  heading2: 'Mod-Alt-2',
  heading3: 'Mod-Alt-3',
  heading4: 'Mod-Alt-4',
  numbered: 'Mod-Shift-7',
  bulleted: 'Mod-Shift-8',
  quote: 'Mod-Shift-9',
  picture: 'Mod-Shift-p',
  undo: 'Mod-z',
  redo: 'Mod-Shift-z',
} as const

/** A shortcut as people read it. */
export function told(keys: string): string {
  const names = { Mod: navigator.platform.startsWith('Mac') ? 'Cmd' : 'Ctrl' } as Record<string, string>
  return keys
    .split('-')
    .map((k) => names[k] ?? (k.length === 1 ? k.toUpperCase() : k))
    .join('+')
}

/** The commands that only the screen around the sheet can carry out. */
export interface Asks {
  link: () => void
  picture: () => void
  pictureSettings: () => void
}

export function keymapFor(asks: Asks): Record<string, Command> {
  const ask =
    (what: () => void): Command =>
    () => {
      what()
      return true
    }
  return {
    [shortcuts.strong]: c.toggleStrong,
    [shortcuts.emphasis]: c.toggleEmphasis,
    [shortcuts.link]: ask(asks.link),
    [shortcuts.paragraph]: c.setKind(0),
    [shortcuts.heading2]: c.setKind(2),
    [shortcuts.heading3]: c.setKind(3),
    [shortcuts.heading4]: c.setKind(4),
    [shortcuts.numbered]: c.toggleList(schema.nodes.numbered_list),
    [shortcuts.bulleted]: c.toggleList(schema.nodes.bulleted_list),
    [shortcuts.quote]: c.toggleQuote,
    [shortcuts.picture]: ask(asks.picture),
    [shortcuts.undo]: undo,
    [shortcuts.redo]: redo,
    'Mod-y': redo,
    'Mod-a': c.selectAll,
    'Shift-Enter': c.breakLine,
    Tab: c.nest,
    'Shift-Tab': c.unnest,
    Enter: (state, dispatch, view) => {
      if (c.around(state, schema.nodes.picture) && !state.selection.$from.parent.isTextblock) {
        asks.pictureSettings()
        return true
      }
      return c.enter(state, dispatch, view)
    },
  }
}

export { baseKeymap }
