import { type EditorState, NodeSelection, TextSelection, type Transaction } from 'prosemirror-state'
import { schema } from '../model/schema'

const { paragraph } = schema.nodes

/**
 * Sets the cursor into an empty paragraph below a position between blocks: the one that is there, or a new one.
 * Where no paragraph can stand, as between the pictures of a gallery, it goes below what is around.
 */
export function intoLineBelow(tr: Transaction, pos: number): Transaction {
  let $at = tr.doc.resolve(pos)
  while ($at.depth > 0 && !$at.parent.canReplaceWith($at.index(), $at.index(), paragraph)) {
    $at = tr.doc.resolve($at.after())
  }
  const next = $at.nodeAfter
  if (next?.type !== paragraph || next.content.size || next.attrs.className) tr.insert($at.pos, paragraph.create())
  return tr.setSelection(TextSelection.create(tr.doc, $at.pos + 1))
}

/** The position behind the picked block, or null where words or nothing are picked. */
export function behindPicked({ selection }: EditorState): number | null {
  return selection instanceof NodeSelection && selection.node.isBlock ? selection.to : null
}
