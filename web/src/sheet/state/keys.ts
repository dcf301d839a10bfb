import { baseKeymap, chainCommands } from 'prosemirror-commands'
import { undoInputRule } from 'prosemirror-inputrules'
import { keydownHandler } from 'prosemirror-keymap'
import { type Command, Plugin } from 'prosemirror-state'
import type { EditorView } from 'prosemirror-view'
import type { Ask } from '../base/ask'
import { leaveQuote } from '../commands/quotes'
import { tabInTable } from '../commands/tables'
import * as t from '../commands/text'
import { around } from '../commands/text'
import { schema } from '../model/schema'
import { lineBelowPicked } from '../plugins/picked'
import { leavePrompt, removePrompt } from '../plugins/prompts'
import { dividerBeforeEnter, linkBeforeEnter } from '../plugins/typing'
import { chosenKeys, keysNow } from '../tools/ownKeys'
import { tools } from '../tools/registry'
import { canUse, type Tool } from '../tools/tool'
import { hearCursor } from './hearing'

type Handler = (view: EditorView, event: KeyboardEvent) => boolean

/** Made again whenever somebody has chosen other keys. */
function following(make: () => Handler): Handler {
  let by = chosenKeys()
  let handler = make()
  return (view, event) => {
    if (by !== chosenKeys()) {
      by = chosenKeys()
      handler = make()
    }
    return handler(view, event)
  }
}

/** The keys of some tools. A key of a tool that does not apply does nothing, and nobody else gets it. */
function keysOf(some: Tool[], ask: (what: Ask) => void): Record<string, Command> {
  const map: Record<string, Command> = {}
  for (const tool of some) {
    // The browser itself pastes at this key; the sheet only has to know that it was pressed.
    if (tool.id === 'paste-text') continue
    for (const key of keysNow(tool)) map[key] = keyOf(tool, ask)
  }
  return map
}

function keyOf(tool: Tool, ask: (what: Ask) => void): Command {
  return (state, dispatch, view) => {
    // The browser's own use of a key is never what somebody wants who pressed a tool's key.
    if (!canUse(tool, state)) return true
    if (tool.command) tool.command(state, dispatch, view)
    else if (tool.ask) ask(tool.ask)
    return true
  }
}

/**
 * The tools' keys while the keyboard is elsewhere on the bench. In a field only those count that open a
 * part of the screen; what changes the text is meant for the text.
 */
export function keysBeside(ask: (what: Ask) => void): Handler {
  const all = following(() => {
    const map = keysOf(tools, ask)
    // Tab and the like go through the screen there.
    for (const key of Object.keys(map)) if (!/^(Mod|Alt|Ctrl)-|^(Shift-)?F\d/.test(key)) delete map[key]
    return keydownHandler(map)
  })
  const screen = following(() =>
    keydownHandler(
      keysOf(
        tools.filter((t) => t.everywhere),
        ask,
      ),
    ),
  )
  return (view, event) => {
    const at = event.target instanceof HTMLElement ? event.target : document.body
    if (event.defaultPrevented || view.dom.contains(at) || isThirdLevel(event)) return false
    if (document.querySelector('[role="dialog"], [role="menu"], [role="listbox"]')) return false
    const field = at.closest('input, textarea, select, [contenteditable="true"]')
    return (field ? screen : all)(view, event)
  }
}

/** Every key of the sheet, from the tools and from what keys do while one types. */
export function keys(ask: (what: Ask) => void): Plugin[] {
  const fixed: Record<string, Command> = {
    'Mod-a': t.selectAll,
    'Mod-Home': t.toStart,
    'Mod-End': t.toEnd,
    'Shift-Enter': t.breakLine,
    Tab: chainCommands(tabInTable(1), t.nest, inList, inCode('\t')),
    'Shift-Tab': chainCommands(tabInTable(-1), t.unnest, inList),
    Enter: chainCommands(lineBelowPicked, leavePrompt, dividerBeforeEnter, linkBeforeEnter, leaveQuote, t.enter),
    Backspace: chainCommands(undoInputRule, removePrompt),
    Delete: removePrompt,
    '/': insertOnEmptyLine(ask),
  }
  const own = following(() => keydownHandler({ ...keysOf(tools, ask), ...fixed }))
  return [handled(own), handled(keydownHandler(baseKeymap))]
}

/** In a list Tab is a key of the list, also where an item cannot go deeper: nobody who types shall find themselves elsewhere. */
const inList: Command = (state) => !!around(state, schema.nodes.list_item)

function inCode(text: string): Command {
  return (state, dispatch) => {
    if (!state.selection.$from.parent.type.spec.code) return false
    dispatch?.(state.tr.insertText(text))
    return true
  }
}

function insertOnEmptyLine(ask: (what: Ask) => void): Command {
  return (state) => {
    const { $from, empty } = state.selection
    if (!empty || $from.parent.type.name !== 'paragraph' || $from.parent.content.size) return false
    ask('slash')
    return true
  }
}

/** Whether a key types a character of the keyboard's third level, which is not a shortcut. */
function isThirdLevel(event: KeyboardEvent): boolean {
  return event.getModifierState('AltGraph') && event.key.length === 1
}

/** A keymap that leaves alone what a keyboard types with its third level. */
function handled(handle: Handler): Plugin {
  return new Plugin({
    props: {
      handleKeyDown: (view, event) => {
        if (isThirdLevel(event)) return false
        hearCursor(view)
        return handle(view, event)
      },
    },
  })
}
