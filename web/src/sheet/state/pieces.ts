import { type EditorState, NodeSelection, type Selection, TextSelection } from 'prosemirror-state'
import { stretchOf } from '../intake/range'
import { schema } from '../model/schema'
import { writeHtml } from '../model/write'

/** The first prompt of what was just put in, selected so that typing takes its place; null where it has none. */
export function firstGap(state: EditorState, from: number): Selection | null {
  const end = stretchOf(state)?.to ?? from
  let found: Selection | null = null
  state.doc.nodesBetween(Math.min(from, end), end, (node, pos) => {
    if (found || node.type !== schema.nodes.prompt) return !found
    found = node.isTextblock
      ? TextSelection.create(state.doc, pos + 1, pos + 1 + node.content.size)
      : NodeSelection.create(state.doc, pos)
    return false
  })
  return found
}

/** The blocks at the top of the text that a selection touches, as HTML; of a picked block that block alone. */
export function selectedBlocks(state: EditorState): string {
  const { selection } = state
  if (selection instanceof NodeSelection && selection.node.isBlock) {
    return writeHtml(schema.topNodeType.create(null, selection.node))
  }
  const { $from, $to } = selection
  const parent = $from.blockRange($to)
  if (!parent) return ''
  const whole = state.doc.slice($from.before(1), $to.after(1))
  return writeHtml(schema.topNodeType.create(null, whole.content))
}
