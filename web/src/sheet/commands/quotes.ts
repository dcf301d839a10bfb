import { Fragment, type Node } from 'prosemirror-model'
import { type Command, type EditorState, Selection, TextSelection, type Transaction } from 'prosemirror-state'
import { schema } from '../model/schema'
import { intoLineBelow } from './below'
import { around } from './text'

const { paragraph, quote, quoted, attribution } = schema.nodes

/** Puts the selected blocks into a quote, with a line for who said it; null where no quote can stand. */
function wrapped(state: EditorState, pull: boolean): Transaction | null {
  const { selection } = state
  const range = selection.$from.blockRange(selection.$to)
  if (!range?.parent.canReplaceWith(range.startIndex, range.endIndex, quote)) return null
  const blocks: Node[] = []
  for (let i = range.startIndex; i < range.endIndex; i++) blocks.push(range.parent.child(i))
  const made = quote.createChecked({ pull }, [quoted.create(null, Fragment.from(blocks)), attribution.create()])
  const tr = state.tr.replaceWith(range.start, range.end, made)
  const { anchor, head } = selection
  const inText = selection instanceof TextSelection
  return tr.setSelection(
    inText
      ? TextSelection.between(tr.doc.resolve(anchor + 2), tr.doc.resolve(head + 2))
      : Selection.near(tr.doc.resolve(range.start + 2)),
  )
}

/** Puts the blocks into a quote, or takes them out of the one they are in. */
export const toggleQuote: Command = (state, dispatch) => {
  const found = around(state, quote)
  if (!found) {
    const tr = wrapped(state, false)
    if (tr) dispatch?.(tr.scrollIntoView())
    return !!tr
  }
  const inner: Node[] = [...found.node.child(0).children]
  const by = found.node.child(1)
  if (by.content.size) inner.push(paragraph.create(null, by.content))
  const tr = state.tr.replaceWith(found.pos, found.pos + found.node.nodeSize, inner)
  const near = Math.max(0, Math.min(state.selection.from - 2, tr.doc.content.size))
  dispatch?.(tr.setSelection(Selection.near(tr.doc.resolve(near))).scrollIntoView())
  return true
}

/** Turns a quote into a pull quote and back, or makes one. */
export const togglePull: Command = (state, dispatch) => {
  const found = around(state, quote)
  const tr = found ? state.tr.setNodeAttribute(found.pos, 'pull', !found.node.attrs.pull) : wrapped(state, true)
  if (tr) dispatch?.(tr.scrollIntoView())
  return !!tr
}

/** Sets the cursor at the end of the line that says who said it. */
export const toAttribution: Command = (state, dispatch) => {
  const found = around(state, quote)
  if (!found) return false
  const end = found.pos + found.node.nodeSize - 2
  dispatch?.(state.tr.setSelection(TextSelection.create(state.doc, end)).scrollIntoView())
  return true
}

/**
 * Enter on an empty line of a quote leaves it for a paragraph below. In the middle the quote is parted there; who said
 * it stays with what comes last. A quote in which nothing was written goes.
 */
export const leaveQuote: Command = (state, dispatch) => {
  const { $from, empty } = state.selection
  const depth = $from.depth - 2
  if (!empty || $from.parent.content.size || $from.parent.type !== paragraph) return false
  if (depth < 1 || $from.node(depth + 1).type !== quoted) return false
  const found = $from.node(depth)
  const pos = $from.before(depth)
  const [inner, by] = [found.child(0), found.child(1)]
  const index = $from.index(depth + 1)
  const before = inner.children.slice(0, index)
  const after = inner.children.slice(index + 1)
  const part = (blocks: Node[], who: Node) => quote.create(found.attrs, [quoted.create(null, blocks), who])
  const made: Node[] = []
  if (before.length) made.push(part(before, after.length ? attribution.create() : by))
  // Who said it must not be lost with the last line of what was said.
  if (!before.length && !after.length && by.content.size) made.push(part([paragraph.create()], by))
  const line = pos + made.reduce((n, node) => n + node.nodeSize, 0)
  made.push(paragraph.create())
  if (after.length) made.push(part(after, by))
  const tr = state.tr.replaceWith(pos, pos + found.nodeSize, made)
  dispatch?.(intoLineBelow(tr, line).scrollIntoView())
  return true
}
