import { toggleMark } from 'prosemirror-commands'
import type { Attrs, Mark, MarkType } from 'prosemirror-model'
import { type Command, type EditorState, NodeSelection, type Transaction } from 'prosemirror-state'
import { schema } from '../model/schema'

/** Puts a mark without a value on the selection or takes it off. */
export function toggle(name: string): Command {
  const type = schema.marks[name]
  const other = { superscript: schema.marks.subscript, subscript: schema.marks.superscript }[name]
  const plain = toggleMark(type, null, { includeWhitespace: true })
  return (state, dispatch, view) => {
    if (state.selection instanceof NodeSelection && !state.selection.node.isTextblock) return false
    if (!other || !dispatch) return plain(state, dispatch, view)
    return plain(state, (tr) => dispatch(withoutMark(tr, other)), view)
  }
}

function withoutMark(tr: Transaction, type: MarkType): Transaction {
  const { from, to, empty } = tr.selection
  return empty ? tr.removeStoredMark(type) : tr.removeMark(from, to, type)
}

/** Gives the selection, or what is typed next, a mark with a value; null takes it off. */
export function setValue(name: string, value: string | null): Command {
  const type = schema.marks[name]
  return (state, dispatch) => {
    const { from, to, empty, $from } = state.selection
    if (!$from.parent.inlineContent || !$from.parent.type.allowsMarkType(type)) return false
    const tr = state.tr
    const mark = value === null ? null : type.create({ value })
    const range = empty ? markRange(state, type) : { from, to }
    if (range) {
      tr.removeMark(range.from, range.to, type)
      if (mark) tr.addMark(range.from, range.to, mark)
    } else if (mark) tr.addStoredMark(mark)
    dispatch?.(tr)
    return true
  }
}

/** The value a mark has at the selection, or null. */
export function markValue(state: EditorState, name: string): string | null {
  const { $from, from, to, empty } = state.selection
  const type = schema.marks[name]
  let found: Mark | undefined
  if (empty) found = type.isInSet(state.storedMarks ?? $from.marks())
  else
    state.doc.nodesBetween(from, to, (node) => {
      found ??= node.isText ? type.isInSet(node.marks) : undefined
      return !found
    })
  return found ? found.attrs.value : null
}

/** What formatting is: everything but what the words mean. */
const formatting = ['style', 'font', 'size', 'colour', 'highlight', 'strong', 'emphasis', 'underline', 'strikethrough']

/** Takes the formatting off the selection, and off the blocks it touches; links and meanings stay. */
export const clearFormatting: Command = (state, dispatch) => {
  const { from, to, empty, $from } = state.selection
  if (!$from.parent.inlineContent) return false
  const tr = state.tr
  const all = [...formatting, 'superscript', 'subscript', 'code'].map((name) => schema.marks[name])
  if (empty) for (const type of all) tr.removeStoredMark(type)
  else for (const type of all) tr.removeMark(from, to, type)
  state.doc.nodesBetween(from, to, (node, pos) => {
    if (node.type.name === 'paragraph' || node.type.name === 'heading') {
      if (node.attrs.className) tr.setNodeAttribute(pos, 'className', '')
    }
  })
  dispatch?.(tr)
  return true
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
