import type { Node, NodeType } from 'prosemirror-model'
import { liftListItem, sinkListItem, splitListItem, wrapInList } from 'prosemirror-schema-list'
import { type Command, type EditorState, NodeSelection, Selection, TextSelection } from 'prosemirror-state'
import { gridPos } from '../base/grid'
import { schema } from '../model/schema'
import { intoLineBelow } from './below'

const { paragraph, heading, bulleted_list, numbered_list, list_item, attribution, code_block, line_break } =
  schema.nodes

const captioned = new Set([
  'picture',
  'embed',
  'audio',
  'video',
  'gallery_caption',
  'table_caption',
  'table_description',
])

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

/** What kind of block the cursor is in, as the tool strip names it. */
export function blockKind(state: EditorState): string {
  if (state.selection instanceof NodeSelection && !state.selection.node.isTextblock) return 'box'
  const { parent } = state.selection instanceof NodeSelection ? { parent: state.selection.node } : state.selection.$from
  if (captioned.has(parent.type.name)) return 'caption'
  if (parent.type === code_block) return 'code'
  if (parent.type === heading) return `heading-${parent.attrs.level}`
  if (parent.type === attribution) return 'attribution'
  return 'paragraph'
}

/** Makes the selected paragraphs and headings one kind: 0 for paragraphs, else a heading's level. */
export function setKind(level: number): Command {
  return (state, dispatch) => {
    const tr = state.tr
    let any = false
    state.doc.nodesBetween(state.selection.from, state.selection.to, (node, pos, parent, index) => {
      if (node.type !== paragraph && node.type !== heading && node.type !== code_block) return
      const type = level === 0 ? paragraph : heading
      if (node.type === type && (level === 0 || node.attrs.level === level)) return
      if (!parent?.canReplaceWith(index, index + 1, type)) return
      const at = tr.mapping.map(pos)
      const { className = '', dir = '', anchor = '' } = node.attrs
      tr.setNodeMarkup(at, type, level === 0 ? { className, dir } : { level, className, dir, anchor })
      any = true
    })
    if (any) dispatch?.(tr.scrollIntoView())
    return any
  }
}

/** Turns the list around the cursor into the other kind, off, or the blocks into a list. */
export function toggleList(type: NodeType): Command {
  return (state, dispatch, view) => {
    const list = around(state, bulleted_list, numbered_list)
    if (!list) return wrapInList(type)(state, dispatch)
    if (list.node.type === type) return liftListItem(list_item)(state, dispatch, view)
    dispatch?.(state.tr.setNodeMarkup(list.pos, type, { dir: list.node.attrs.dir }))
    return true
  }
}

/** Enter: continues lists, and leaves captions and boxes. */
export const enter: Command = (state, dispatch, view) => {
  const { $from, empty } = state.selection
  const parent = $from.parent
  if (captioned.has(parent.type.name)) {
    if (parent.type.name.startsWith('table_')) return intoFirstCell(state, dispatch)
    const depth = parent.type.name === 'gallery_caption' ? $from.depth - 1 : $from.depth
    return paragraphAfter(state, $from.after(depth), dispatch)
  }
  if (parent.type === attribution) return paragraphAfter(state, $from.after($from.depth - 1), dispatch)
  const holder = $from.depth > 1 ? $from.node(-1) : null
  const last = holder ? $from.indexAfter(-1) === holder.childCount && holder.childCount > 1 : false
  const inBox = last && (holder?.type.name === 'callout' || holder?.type.name === 'text_columns')
  if (empty && inBox && !parent.content.size) {
    // An empty last line of a box leads out of it.
    const tr = state.tr.delete($from.before(), $from.after())
    const after = tr.mapping.map($from.after($from.depth - 1))
    tr.insert(after, paragraph.create()).setSelection(TextSelection.create(tr.doc, after + 1))
    dispatch?.(tr.scrollIntoView())
    return true
  }
  // What comes below counts on, whatever number the item above was given.
  return splitListItem(list_item, { value: null })(state, dispatch, view)
}

function intoFirstCell(state: EditorState, dispatch?: (tr: typeof state.tr) => void): boolean {
  const { $from } = state.selection
  const grid = gridPos($from.node(-1), $from.before(-1))
  dispatch?.(state.tr.setSelection(Selection.near(state.doc.resolve(grid + 1))).scrollIntoView())
  return true
}

function paragraphAfter(state: EditorState, pos: number, dispatch?: (tr: typeof state.tr) => void): boolean {
  dispatch?.(intoLineBelow(state.tr, pos).scrollIntoView())
  return true
}

/** Picks all the text there is, from the first place to write in to the last. */
export const selectAll: Command = (state, dispatch) => {
  const { doc } = state
  dispatch?.(state.tr.setSelection(TextSelection.between(doc.resolve(0), doc.resolve(doc.content.size))))
  return true
}

/** Sets the cursor at the first place to write in; a picked block would keep a browser from it. */
export const toStart: Command = (state, dispatch) => {
  dispatch?.(state.tr.setSelection(Selection.atStart(state.doc)).scrollIntoView())
  return true
}

/** Sets the cursor at the last place to write in. */
export const toEnd: Command = (state, dispatch) => {
  dispatch?.(state.tr.setSelection(Selection.atEnd(state.doc)).scrollIntoView())
  return true
}

export const breakLine: Command = (state, dispatch) => {
  if (state.selection.$from.parent.type === code_block) {
    dispatch?.(state.tr.insertText('\n').scrollIntoView())
    return true
  }
  if (!state.selection.$from.parent.inlineContent) return false
  dispatch?.(state.tr.replaceSelectionWith(line_break.create()).scrollIntoView())
  return true
}

/** The list around the cursor gets a sign, a kind of number or a first number. */
export function setList(attrs: Record<string, unknown>): Command {
  return (state, dispatch) => {
    const list = around(state, bulleted_list, numbered_list)
    if (!list) return false
    dispatch?.(state.tr.setNodeMarkup(list.pos, null, { ...list.node.attrs, ...attrs }))
    return true
  }
}
