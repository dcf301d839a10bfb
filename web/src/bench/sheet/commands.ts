import { setBlockType, toggleMark } from 'prosemirror-commands'
import type { Attrs, MarkType, Node, NodeType } from 'prosemirror-model'
import { liftListItem, sinkListItem, splitListItem, wrapInList } from 'prosemirror-schema-list'
import { type Command, type EditorState, NodeSelection, Selection, TextSelection } from 'prosemirror-state'
import { schema } from './schema'

const { paragraph, heading, bulleted_list, numbered_list, list_item, quote, quoted, attribution, picture, line_break } =
  schema.nodes

export const toggleStrong = toggleMark(schema.marks.strong)
export const toggleEmphasis = toggleMark(schema.marks.emphasis)
export const nest = sinkListItem(list_item)
export const unnest = liftListItem(list_item)

/** The innermost node of one of some types around the selection, with its depth. */
export function around(state: EditorState, ...types: NodeType[]): { node: Node; depth: number; pos: number } | null {
  const { $from } = state.selection
  if (state.selection instanceof NodeSelection && types.includes(state.selection.node.type)) {
    return { node: state.selection.node, depth: $from.depth + 1, pos: state.selection.from }
  }
  for (let depth = $from.depth; depth > 0; depth--) {
    const node = $from.node(depth)
    if (types.includes(node.type)) return { node, depth, pos: $from.before(depth) }
  }
  return null
}

/** What kind of block the cursor stands in, as the tool strip names it. */
export function blockKind(state: EditorState): string {
  if (around(state, picture)) return 'picture'
  if (state.selection instanceof NodeSelection) return 'box'
  const parent = state.selection.$from.parent
  if (parent.type === heading) return `heading-${parent.attrs.level}`
  if (parent.type === attribution) return 'attribution'
  return 'paragraph'
}

/** Makes the selected paragraphs and headings one kind: 0 for paragraphs, else a heading's level. */
export function setKind(level: number): Command {
  return level === 0 ? setBlockType(paragraph) : setBlockType(heading, { level })
}

/** Turns the list around the cursor into the other kind, off, or the blocks into a list. */
export function toggleList(type: NodeType): Command {
  return (state, dispatch, view) => {
    const list = around(state, bulleted_list, numbered_list)
    if (!list) return wrapInList(type)(state, dispatch)
    if (list.node.type === type) return liftListItem(list_item)(state, dispatch, view)
    dispatch?.(state.tr.setNodeMarkup(list.pos, type))
    return true
  }
}

/** Puts the blocks into a quote, or takes them out of the one they are in. */
export const toggleQuote: Command = (state, dispatch) => {
  const found = around(state, quote)
  const tr = state.tr
  if (found && !dispatch) return true
  if (found) {
    const inner: Node[] = [...found.node.child(0).children]
    const by = found.node.child(1)
    if (by.content.size) inner.push(paragraph.create(null, by.content))
    const offset = state.selection.from
    tr.replaceWith(found.pos, found.pos + found.node.nodeSize, inner)
    tr.setSelection(Selection.near(tr.doc.resolve(Math.max(0, Math.min(offset - 2, tr.doc.content.size)))))
    dispatch?.(tr.scrollIntoView())
    return true
  }
  const range = state.selection.$from.blockRange(state.selection.$to)
  if (!range) return false
  const blocks: Node[] = []
  for (let i = range.startIndex; i < range.endIndex; i++) blocks.push(range.parent.child(i))
  if (!range.parent.canReplaceWith(range.startIndex, range.endIndex, quote)) return false
  if (!dispatch) return true
  const made = quote.createChecked(null, [quoted.create(null, blocks), attribution.create()])
  tr.replaceWith(range.start, range.end, made)
  const { from, to } = state.selection
  const inText = state.selection instanceof TextSelection
  tr.setSelection(inText ? TextSelection.create(tr.doc, from + 2, to + 2) : Selection.near(tr.doc.resolve(from + 2)))
  dispatch(tr.scrollIntoView())
  return true
}

/** Enter: continues lists, leaves captions and quotes, and opens what is picked. */
export const enter: Command = (state, dispatch, view) => {
  const { $from, empty } = state.selection
  const parent = $from.parent
  if (parent.type === picture) return paragraphAfter(state, $from.after(), dispatch)
  if (parent.type === attribution) return paragraphAfter(state, $from.after($from.depth - 1), dispatch)
  const around = $from.depth > 1 ? $from.node(-1) : null
  const atEnd = around?.type === quoted && $from.indexAfter(-1) === around.childCount && around.childCount > 1
  if (empty && atEnd && !parent.content.size) {
    // An empty last line of what is quoted leads on to who said it.
    const tr = state.tr.delete($from.before(), $from.after())
    tr.setSelection(TextSelection.create(tr.doc, $from.before() + 2))
    dispatch?.(tr.scrollIntoView())
    return true
  }
  return splitListItem(list_item)(state, dispatch, view)
}

function paragraphAfter(state: EditorState, pos: number, dispatch?: (tr: typeof state.tr) => void): boolean {
  const tr = state.tr.insert(pos, paragraph.create())
  tr.setSelection(TextSelection.create(tr.doc, pos + 1))
  dispatch?.(tr.scrollIntoView())
  return true
}

/** Picks all the text there is, from the first place to write in to the last. */
export const selectAll: Command = (state, dispatch) => {
  const { doc } = state
  dispatch?.(state.tr.setSelection(TextSelection.between(doc.resolve(0), doc.resolve(doc.content.size))))
  return true
}

export const breakLine: Command = (state, dispatch) => {
  dispatch?.(state.tr.replaceSelectionWith(line_break.create()).scrollIntoView())
  return true
}

/** Puts a block after the one the cursor stands in, or in its place when that one is empty. */
export function insertBlock(node: Node): Command {
  return (state, dispatch) => {
    const { $from } = state.selection
    const atTop = $from.depth === 0
    const empty = $from.depth === 1 && !$from.parent.content.size
    const to = atTop ? state.selection.to : $from.after(1)
    const from = atTop ? to : empty ? $from.before(1) : to
    const tr = state.tr.replaceWith(from, to, node)
    tr.setSelection(NodeSelection.create(tr.doc, from))
    dispatch?.(tr.scrollIntoView())
    return true
  }
}

/** The stretch of text that carries the same mark as the character at a position. */
export function markRange(state: EditorState, type: MarkType): { from: number; to: number; attrs: Attrs } | null {
  const { $from, from, empty } = state.selection
  const at = empty ? $from : state.doc.resolve(from)
  const parent = at.parent
  let index = at.index()
  let mark = type.isInSet(parent.maybeChild(index)?.marks ?? [])
  if (!mark && at.textOffset === 0 && index > 0) mark = type.isInSet(parent.child(--index).marks)
  if (!mark) return null
  let start = at.start()
  for (let i = 0; i < index; i++) start += parent.child(i).nodeSize
  let end = start + parent.child(index).nodeSize
  for (let i = index - 1; i >= 0 && mark.isInSet(parent.child(i).marks); i--) start -= parent.child(i).nodeSize
  for (let i = index + 1; i < parent.childCount && mark.isInSet(parent.child(i).marks); i++)
    end += parent.child(i).nodeSize
  return { from: start, to: end, attrs: mark.attrs }
}

/** Whether all or part of the selection carries a mark. */
export function hasMark(state: EditorState, type: MarkType): boolean {
  const { from, to, empty, $from } = state.selection
  if (empty) return !!type.isInSet(state.storedMarks ?? $from.marks())
  return state.doc.rangeHasMark(from, to, type)
}
