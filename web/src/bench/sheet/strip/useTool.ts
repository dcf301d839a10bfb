import type { EditorState } from 'prosemirror-state'
import { useSheet } from '../../context'
import { tableAt } from '../commands/tables'
import { tool } from '../tools'
import type { Tool } from '../tools/tool'
import { useDerived } from '../useEditor'

export interface ToolState {
  tool: Tool
  on: boolean | undefined
  can: boolean
  run: () => void
}

/** How a tool stands now. */
export function stateOf(t: Tool, state: EditorState): { on: boolean | undefined; can: boolean } {
  return { on: t.on?.(state), can: t.command ? t.command(state) : canAsk(t, state) }
}

/** What asks the screen works everywhere, but for what needs words to work on. */
function canAsk(t: Tool, state: EditorState): boolean {
  if (t.id === 'abbreviation' || t.id === 'language') {
    return state.selection.$from.parent.inlineContent && (!state.selection.empty || !!t.on?.(state))
  }
  if (t.group === 'table') return !!tableAt(state)
  if (t.group === 'text') {
    const { $from } = state.selection
    return $from.parent.inlineContent && !$from.parent.type.spec.code
  }
  return true
}

export function useTool(id: string): ToolState {
  const sheet = useSheet()
  const t = tool(id)
  const now = useDerived((state) => {
    const { on, can } = stateOf(t, state)
    return `${on ?? '-'} ${can}`
  })
  const [on, can] = now.split(' ')
  return { tool: t, on: on === '-' ? undefined : on === 'true', can: can === 'true', run: () => runTool(sheet, t) }
}

export function runTool(sheet: ReturnType<typeof useSheet>, t: Tool) {
  if (t.command) sheet.run(t.command)
  else if (t.ask) sheet.onAsk(t.ask)
}
