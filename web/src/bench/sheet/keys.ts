import { baseKeymap, chainCommands } from 'prosemirror-commands'
import { undoInputRule } from 'prosemirror-inputrules'
import { keydownHandler } from 'prosemirror-keymap'
import { type Command, NodeSelection, Plugin } from 'prosemirror-state'
import { nextCell, previousCell } from './commands/tables'
import * as t from './commands/text'
import { leavePrompt, removePrompt } from './plugins/prompts'
import { linkBeforeEnter } from './plugins/typing'
import { tools } from './tools'
import type { Ask } from './tools/tool'

/** Every key of the sheet, from the tools and from what keys do while one types. */
export function keys(ask: (what: Ask) => void): Plugin[] {
  const map: Record<string, Command> = {}
  for (const tool of tools) {
    const command: Command | undefined =
      tool.command ??
      (tool.ask &&
        (() => {
          ask(tool.ask as Ask)
          return true
        }))
    for (const key of [tool.keys, ...(tool.otherKeys ?? [])]) {
      // The browser itself pastes at this key; the sheet only has to know that it was pressed.
      if (tool.id === 'paste-text') continue
      // The browser's own use of a key is never what somebody wants who pressed a tool's key.
      if (key && command) map[key] = always(command)
    }
  }
  const settings: Command = (state) => {
    const { selection } = state
    if (!(selection instanceof NodeSelection)) return false
    ask('settings')
    return true
  }
  Object.assign(map, {
    'Mod-a': t.selectAll,
    'Mod-Home': t.toStart,
    'Mod-End': t.toEnd,
    'Shift-Enter': t.breakLine,
    Tab: chainCommands(nextCell, t.nest, inCode('\t')),
    'Shift-Tab': chainCommands(previousCell, t.unnest),
    Enter: chainCommands(settings, leavePrompt, linkBeforeEnter, t.enter),
    Backspace: chainCommands(undoInputRule, removePrompt),
    Delete: removePrompt,
    '/': insertOnEmptyLine(ask),
  })
  return [handled(map), handled(baseKeymap)]
}

function always(command: Command): Command {
  return (state, dispatch, view) => {
    command(state, dispatch, view)
    return true
  }
}

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
    ask('insert')
    return true
  }
}

/** A keymap that leaves alone what a keyboard types with its third level. */
function handled(map: Record<string, Command>): Plugin {
  const handle = keydownHandler(map)
  return new Plugin({
    props: {
      handleKeyDown: (view, event) => {
        if (event.getModifierState('AltGraph') && event.key.length === 1) return false
        return handle(view, event)
      },
    },
  })
}
