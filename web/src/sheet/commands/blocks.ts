import { type Node, type NodeType, Slice } from 'prosemirror-model'
import {
  type Command,
  type EditorState,
  NodeSelection,
  Selection,
  TextSelection,
  type Transaction,
} from 'prosemirror-state'
import { ReplaceStep } from 'prosemirror-transform'
import { schema } from '../model/schema'
import { intoLineBelow } from './below'
import { around } from './text'

const { paragraph, heading, code_block } = schema.nodes

export interface Place {
  node: Node
  pos: number
  parent: Node
  index: number
}

/** The block a command on blocks means: the picked one, else the innermost that stands among blocks. */
export function blockAt(state: EditorState): Place | null {
  const { selection } = state
  const { $from } = selection
  if (selection instanceof NodeSelection && selection.node.type.isInGroup('block')) {
    return { node: selection.node, pos: selection.from, parent: $from.parent, index: $from.index() }
  }
  for (let depth = $from.depth; depth > 0; depth--) {
    const node = $from.node(depth)
    const among = node.type.isInGroup('block') && !(depth > 1 && $from.node(depth - 1).type.name === 'list_item')
    const inGallery = node.type.name === 'picture' && $from.node(depth - 1).type.name === 'gallery'
    if (among && !inGallery) {
      return { node, pos: $from.before(depth), parent: $from.node(depth - 1), index: $from.index(depth - 1) }
    }
  }
  return null
}

/** How many of the blocks that follow belong to a heading's section, itself included. */
export function sectionLength(parent: Node, index: number): number {
  const first = parent.child(index)
  if (first.type !== heading) return 1
  let end = index + 1
  while (end < parent.childCount) {
    const next = parent.child(end)
    if (next.type === heading && next.attrs.level <= first.attrs.level) break
    end++
  }
  return end - index
}

function offsetOf(parent: Node, index: number): number {
  let at = 0
  for (let i = 0; i < index; i++) at += parent.child(i).nodeSize
  return at
}

/** Moves some blocks of a parent so that they stand before the one at an index. */
export function moveBlocks(start: number, parent: Node, index: number, count: number, to: number): Command {
  return (state, dispatch) => {
    if (to >= index && to <= index + count) return false
    if (to < 0 || to > parent.childCount) return false
    const from = start + offsetOf(parent, index)
    const end = start + offsetOf(parent, index + count)
    const moved = state.doc.slice(from, end)
    const target = start + offsetOf(parent, to)
    const tr = state.tr.delete(from, end)
    const at = tr.mapping.map(target, -1)
    // Not every place takes every block: below the pictures of a gallery stands its caption.
    if (tr.maybeStep(new ReplaceStep(at, at, new Slice(moved.content, 0, 0))).failed) return false
    const shift = at - from
    const { selection } = state
    if (selection.from >= from && selection.to <= end) {
      const [a, b] = [selection.anchor + shift, selection.head + shift]
      tr.setSelection(
        selection instanceof NodeSelection
          ? NodeSelection.create(tr.doc, selection.from + shift)
          : TextSelection.between(tr.doc.resolve(a), tr.doc.resolve(b)),
      )
    } else tr.setSelection(Selection.near(tr.doc.resolve(at + 1)))
    dispatch?.(tr.scrollIntoView())
    return true
  }
}

/** Moves the block at the cursor, or its whole section, past its neighbour. */
function move(by: -1 | 1, section: boolean): Command {
  return (state, dispatch) => {
    const place = blockAt(state)
    if (!place) return false
    const { parent, index, pos } = place
    const count = section ? sectionLength(parent, index) : 1
    const start = pos - offsetOf(parent, index)
    let to = by < 0 ? index - 1 : index + count + 1
    if (section && by > 0 && index + count < parent.childCount)
      to = index + count + sectionLength(parent, index + count)
    if (section && by < 0) to = sectionBefore(parent, index)
    // The empty line at the end of a text is only there to be written on.
    if (by > 0 && start === 0 && to === parent.childCount && isEmptyLine(parent.lastChild)) return false
    return moveBlocks(start, parent, index, count, to)(state, dispatch)
  }
}

function isEmptyLine(node: Node | null): boolean {
  return node?.type === paragraph && node.content.size === 0
}

function sectionBefore(parent: Node, index: number): number {
  const level = parent.child(index).attrs.level ?? 7
  for (let i = index - 1; i >= 0; i--) {
    const node = parent.child(i)
    if (node.type === heading && node.attrs.level <= level) return i
  }
  return index - 1
}

export const moveUp = move(-1, false)
export const moveDown = move(1, false)
export const moveSectionUp = move(-1, true)
export const moveSectionDown = move(1, true)

/** Puts a copy after the block; a copy is not the same jump target. */
export const duplicate: Command = (state, dispatch) => {
  const place = blockAt(state)
  if (!place || place.node.type.name === 'jump_target') return false
  const copy =
    place.node.type === heading ? heading.create({ ...place.node.attrs, anchor: '' }, place.node.content) : place.node
  const at = place.pos + place.node.nodeSize
  const tr = state.tr.insert(at, copy)
  tr.setSelection(copy.isAtom ? NodeSelection.create(tr.doc, at) : Selection.near(tr.doc.resolve(at + 1)))
  dispatch?.(tr.scrollIntoView())
  return true
}

/** Takes the block out. */
export const remove: Command = (state, dispatch) => {
  const place = blockAt(state)
  if (!place) return false
  const end = place.pos + place.node.nodeSize
  const tr = state.tr
  if (place.parent.childCount === 1) tr.replaceWith(place.pos, end, paragraph.create())
  else tr.delete(place.pos, end)
  tr.setSelection(Selection.near(tr.doc.resolve(Math.min(place.pos, tr.doc.content.size))))
  dispatch?.(tr.scrollIntoView())
  return true
}

/**
 * Puts a block after the one the cursor is in, or in its place when that one is empty. The cursor goes on in a
 * paragraph below it, so that what is typed next comes after it; or, where one writes in the block, inside it.
 *
 * @param inside how far inside the block the cursor goes, in positions; without it, below
 */
export function insertBlock(node: Node, inside?: number): Command {
  return insertAndGoOn(node, (tr, pos) => {
    if (inside === undefined) intoLineBelow(tr, pos + node.nodeSize)
    else tr.setSelection(Selection.near(tr.doc.resolve(pos + inside)))
  })
}

/** Puts a block in and picks it, so that its settings are a key away; what is typed next comes below it all the same. */
export function insertPicked(node: Node): Command {
  return insertAndGoOn(node, (tr, pos) => tr.setSelection(NodeSelection.create(tr.doc, pos)))
}

function insertAndGoOn(node: Node, goOn: (tr: Transaction, pos: number) => void): Command {
  return (state, dispatch) => {
    const at = freeLine(state, node) ?? blockEnd(state, node)
    const tr = state.tr.replaceWith(at.from, at.to, node)
    goOn(tr, at.from)
    dispatch?.(tr.scrollIntoView())
    return true
  }
}

/** Puts a block before the one the cursor is in, which goes on being written. */
export function insertBefore(node: Node): Command {
  return (state, dispatch) => {
    const { $from } = state.selection
    const picked = state.selection instanceof NodeSelection && state.selection.node.isBlock
    for (let depth = picked ? $from.depth + 1 : $from.depth; depth > 0; depth--) {
      const holder = $from.node(depth - 1)
      const index = $from.index(depth - 1)
      if (holder.type.name === 'list_item' || !holder.canReplaceWith(index, index, node.type)) continue
      const at = depth > $from.depth ? $from.pos : $from.before(depth)
      dispatch?.(state.tr.insert(at, node).scrollIntoView())
      return true
    }
    return false
  }
}

/** An empty line the node may take the place of. */
function freeLine(state: EditorState, node: Node): { from: number; to: number } | null {
  const { $from, empty } = state.selection
  if (!empty || $from.parent.type !== paragraph || $from.parent.content.size || $from.depth < 1) return null
  const holder = $from.node($from.depth - 1)
  const index = $from.index($from.depth - 1)
  const fits = holder.canReplaceWith(index, index + 1, node.type)
  return fits ? { from: $from.before(), to: $from.after() } : null
}

/** Behind the innermost block in whose place the node could stand. */
function blockEnd(state: EditorState, node: Node): { from: number; to: number } {
  const { selection } = state
  const { $from } = selection
  if (selection instanceof NodeSelection && $from.parent.canReplaceWith($from.index(), $from.index(), node.type)) {
    return { from: selection.to, to: selection.to }
  }
  for (let depth = $from.depth; depth > 0; depth--) {
    const holder = $from.node(depth - 1)
    const index = $from.indexAfter(depth - 1)
    if (holder.type.name !== 'list_item' && holder.canReplaceWith(index, index, node.type)) {
      return { from: $from.after(depth), to: $from.after(depth) }
    }
  }
  const end = state.doc.content.size
  return { from: end, to: end }
}

/** The blocks that make up one selected range, with what holds them. */
function selectedBlocks(state: EditorState) {
  return state.selection.$from.blockRange(state.selection.$to)
}

/** The selected blocks as a run of children of something in which the type could take their place. */
function runToReplace({ selection }: EditorState, type: NodeType) {
  const { $from, $to } = selection
  return $from.blockRange(
    $to,
    (holder) => holder.type.name !== 'list_item' && holder.canReplaceWith(0, holder.childCount, type),
  )
}

/** Shares blocks out over some columns in their order; a heading stays with what follows it. */
function sharedOut(blocks: Node[], count: number): Node[][] {
  const out: Node[][] = []
  let from = 0
  for (let left = count; left > 0; left--) {
    let to = from + Math.ceil((blocks.length - from) / left)
    while (to - 1 > from && to < blocks.length && blocks[to - 1].type === heading) to--
    out.push(blocks.slice(from, to))
    from = to
  }
  return out
}

/**
 * Puts side-by-side columns in. What is selected is shared out over them; the cursor goes into the first column in which
 * there is nothing yet, else to the end of the last.
 *
 * @param shares the share of the width each column has
 */
export function insertColumns(shares: number[]): Command {
  return (state, dispatch) => {
    const type = schema.nodes.columns
    const range = state.selection.empty ? null : runToReplace(state, type)
    const taken = range ? range.parent.children.slice(range.startIndex, range.endIndex) : []
    const fit = taken.length > 0 && taken.every((b) => schema.nodes.column.contentMatch.matchType(b.type))
    const parts = sharedOut(fit ? taken : [], shares.length)
    const made = type.create(
      null,
      shares.map((share, i) => schema.nodes.column.create({ share }, parts[i].length ? parts[i] : paragraph.create())),
    )
    if (!range || !fit || !range.parent.canReplaceWith(range.startIndex, range.endIndex, type)) {
      // The columns' and the first column's beginnings stand before its line.
      return insertBlock(made, 2)(state, dispatch)
    }
    const tr = state.tr.replaceWith(range.start, range.end, made)
    const empty = parts.findIndex((part) => !part.length)
    const before = made.children.slice(0, empty < 0 ? shares.length : empty).reduce((sum, c) => sum + c.nodeSize, 0)
    const $place = tr.doc.resolve(range.start + 1 + before + (empty < 0 ? -1 : 1))
    dispatch?.(tr.setSelection(Selection.near($place, empty < 0 ? -1 : 1)).scrollIntoView())
    return true
  }
}

/** How many blocks are selected that columns would take in. */
export function columnsTakeIn(state: EditorState): number {
  const range = state.selection.empty ? null : runToReplace(state, schema.nodes.columns)
  return range ? range.endIndex - range.startIndex : 0
}

/** Puts the selected blocks into a box, or takes them out of the one they are in. */
export function toggleBox(name: string, attrs?: Record<string, unknown>): Command {
  const type = schema.nodes[name]
  return (state, dispatch) => {
    const { $from } = state.selection
    for (let depth = $from.depth; depth > 0; depth--) {
      const node = $from.node(depth)
      if (node.type !== type) continue
      const tr = state.tr.replaceWith($from.before(depth), $from.after(depth), node.content)
      const near = Math.max(0, state.selection.from - 1)
      dispatch?.(tr.setSelection(Selection.near(tr.doc.resolve(near))).scrollIntoView())
      return true
    }
    const range = selectedBlocks(state)
    if (!range?.parent.canReplaceWith(range.startIndex, range.endIndex, type)) return false
    if (!dispatch) return true
    const inner = range.parent.content.cut(
      range.start - range.$from.start(range.depth),
      range.end - range.$from.start(range.depth),
    )
    const made = type.createAndFill(attrs ?? null, inner)
    if (!made) return false
    const tr = state.tr.replaceWith(range.start, range.end, made)
    const { anchor, head } = state.selection
    tr.setSelection(TextSelection.between(tr.doc.resolve(anchor + 1), tr.doc.resolve(head + 1)))
    dispatch(tr.scrollIntoView())
    return true
  }
}

/** Makes one code block of the selected paragraphs, a line each; or paragraphs of a code block. */
export const toggleCode: Command = (state, dispatch) => {
  const { $from } = state.selection
  if ($from.parent.type === code_block) {
    const lines = $from.parent.textContent
      .split('\n')
      .map((line) => paragraph.create(null, line ? schema.text(line) : null))
    const tr = state.tr.replaceWith($from.before(), $from.after(), lines)
    dispatch?.(tr.setSelection(Selection.near(tr.doc.resolve($from.before() + 1))))
    return true
  }
  const range = selectedBlocks(state)
  if (!range) return false
  const lines: string[] = []
  for (let i = range.startIndex; i < range.endIndex; i++) {
    const node = range.parent.child(i)
    if (!node.isTextblock) return false
    lines.push(node.textBetween(0, node.content.size, '\n', (leaf) => (leaf.type.name === 'line_break' ? '\n' : '')))
  }
  if (!range.parent.canReplaceWith(range.startIndex, range.endIndex, code_block)) return false
  const text = lines.join('\n')
  const tr = state.tr.replaceWith(range.start, range.end, code_block.create(null, text ? schema.text(text) : null))
  dispatch?.(tr.setSelection(TextSelection.create(tr.doc, range.start + 1 + text.length)).scrollIntoView())
  return true
}

/** Changes attributes of the node at a position and keeps it picked where it was. */
export function setAttrs(pos: number, attrs: Record<string, unknown>): Command {
  return (state, dispatch) => {
    const node = state.doc.nodeAt(pos)
    if (!node) return false
    const picked = state.selection instanceof NodeSelection && state.selection.from === pos
    const tr = state.tr.setNodeMarkup(pos, null, { ...node.attrs, ...attrs })
    if (picked) tr.setSelection(NodeSelection.create(tr.doc, pos))
    dispatch?.(tr)
    return true
  }
}

/** Gives the side-by-side columns around the cursor their shares of the width. */
export function setShares(shares: number[]): Command {
  return (state, dispatch) => {
    const found = around(state, schema.nodes.columns)
    if (!found || found.node.childCount !== shares.length) return false
    const tr = state.tr
    found.node.forEach((_column, offset, index) => {
      tr.setNodeAttribute(found.pos + 1 + offset, 'share', shares[index])
    })
    dispatch?.(tr)
    return true
  }
}
