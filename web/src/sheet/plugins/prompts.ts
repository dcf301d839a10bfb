import { type Command, Plugin, Selection, TextSelection } from 'prosemirror-state'
import { schema } from '../model/schema'

const { prompt, paragraph, heading } = schema.nodes

/** A prompt one types in becomes the text it asks for. */
export const prompts = new Plugin({
  appendTransaction(transactions, _before, now) {
    if (!transactions.some((t) => t.docChanged)) return null
    const tr = now.tr
    now.doc.descendants((node, pos) => {
      if (node.type === prompt && node.content.size) {
        const { level } = node.attrs
        tr.setNodeMarkup(pos, level ? heading : paragraph, level ? { level } : null)
      }
      return !node.isTextblock
    })
    return tr.docChanged ? tr : null
  },
})

/** Enter in a prompt leaves it and goes on below. */
export const leavePrompt: Command = (state, dispatch) => {
  const { $from } = state.selection
  if ($from.parent.type !== prompt) return false
  const after = $from.after()
  const tr = state.tr.insert(after, paragraph.create())
  dispatch?.(tr.setSelection(Selection.near(tr.doc.resolve(after + 1))).scrollIntoView())
  return true
}

/** Backspace or Delete in a prompt takes it out. */
export const removePrompt: Command = (state, dispatch) => {
  const { $from, empty } = state.selection
  if ($from.parent.type !== prompt || !empty) return false
  const tr = state.tr.delete($from.before(), $from.after())
  dispatch?.(tr.setSelection(Selection.near(tr.doc.resolve(Math.min($from.before(), tr.doc.content.size)))))
  return true
}

/** Goes to the next prompt behind the cursor, or the last one before it, wherever in the text that is; at the end it begins again. */
export function toPrompt(way: 1 | -1): Command {
  return (state, dispatch) => {
    const places: number[] = []
    state.doc.descendants((node, pos) => {
      if (node.type === prompt) places.push(pos + 1)
      return !node.isTextblock
    })
    const { from } = state.selection
    const inOrder = way > 0 ? places : places.reverse()
    const next = inOrder.find((pos) => (way > 0 ? pos > from : pos < from)) ?? inOrder[0]
    if (next === undefined) return false
    dispatch?.(state.tr.setSelection(TextSelection.create(state.doc, next)).scrollIntoView())
    return true
  }
}

/** What a prompt asks for that was made of an empty line; as a line of words it can be said better, and made a prompt again. */
const ASKS = 'Write here'

/** Makes a paragraph or heading a prompt of its words, and a prompt the words it asks with. */
export const togglePrompt: Command = (state, dispatch) => {
  const { $from } = state.selection
  const { parent } = $from
  if ($from.depth === 0 || !parent.isTextblock) return false
  const pos = $from.before()
  if (parent.type === prompt) {
    const { level, text } = parent.attrs
    const node = level ? heading.create({ level }, schema.text(text)) : paragraph.create(null, schema.text(text))
    dispatch?.(state.tr.replaceWith(pos, $from.after(), node))
    return true
  }
  const text = parent.textContent.trim() || (parent.content.size ? '' : ASKS)
  if ((parent.type !== paragraph && parent.type !== heading) || !text) return false
  const holder = $from.node(-1)
  const index = $from.index(-1)
  if (!holder.canReplaceWith(index, index + 1, prompt)) return false
  const node = prompt.create({ level: parent.type === heading ? parent.attrs.level : 0, text })
  if (dispatch) {
    const tr = state.tr.replaceWith(pos, $from.after(), node)
    dispatch(tr.setSelection(Selection.near(tr.doc.resolve(pos + 1))))
  }
  return true
}
