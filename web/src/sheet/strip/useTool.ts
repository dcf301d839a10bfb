import type { EditorState } from 'prosemirror-state'
import { useSheet } from '../state/context'
import type { Sheet } from '../state/Sheet'
import { useDerived } from '../state/useEditor'
import { tool } from '../tools/registry'
import { canUse, isOffered, type Tool } from '../tools/tool'

/** How a tool stands: whether it shows as pressed, whether it applies, and what a press does. */
export interface ToolState {
  tool: Tool
  /** Whether the text offers it at all. */
  offered: boolean
  on: boolean | undefined
  can: boolean
  run: () => void
}

/** How a tool stands now. */
export function stateOf(t: Tool, state: EditorState): { on: boolean | undefined; can: boolean } {
  return { on: t.on?.(state), can: canUse(t, state) }
}

/** How a tool stands, drawn again when that becomes another. */
export function useTool(id: string): ToolState {
  const sheet = useSheet()
  const t = tool(id)
  const now = useDerived((state) => {
    const { on, can } = stateOf(t, state)
    return `${on ?? '-'} ${can} ${isOffered(t, state)}`
  })
  const [on, can, offered] = now.split(' ')
  return {
    tool: t,
    offered: offered === 'true',
    on: on === '-' ? undefined : on === 'true',
    can: can === 'true',
    run: () => runTool(sheet, t),
  }
}

/** Uses a tool, wherever it was chosen. One that does not apply does nothing. */
export function runTool(sheet: Sheet, t: Tool) {
  if (!canUse(t, sheet.state)) return
  if (t.command) sheet.run(t.command)
  else if (t.ask) sheet.hooks.ask(t.ask)
}
