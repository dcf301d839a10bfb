import { closeHistory } from 'prosemirror-history'
import { type EditorState, Selection, type Transaction } from 'prosemirror-state'
import { readHtml } from '../model/read'
import { schema } from '../model/schema'

/**
 * The change that makes one text another, or null where they are the same. Only the stretch that differs is
 * replaced, so that the cursor and Undo keep what stands around it.
 */
export function replacement(state: EditorState, html: string): Transaction | null {
  const now = state.doc
  const next = readHtml(html)
  const start = now.content.findDiffStart(next.content)
  if (start === null) return null
  const ends = now.content.findDiffEnd(next.content)
  if (!ends) return null
  let { a, b } = ends
  const overlap = start - Math.min(a, b)
  if (overlap > 0) {
    a += overlap
    b += overlap
  }
  try {
    const tr = state.tr.replace(start, a, next.slice(start, b))
    tr.doc.check()
    return tr
  } catch {
    // The ends lie at different depths; then all of it is replaced, still in one step.
    return state.tr.replaceWith(0, now.content.size, next.content)
  }
}

/** Some words put in at the cursor: into an empty line or prompt, else as a paragraph below. */
export function withWords(state: EditorState, words: string): Transaction {
  const { $from } = state.selection
  const text = schema.text(words)
  const tr = closeHistory(state.tr)
  if ($from.parent.inlineContent && !$from.parent.content.size && !$from.parent.type.spec.code) {
    tr.insert($from.pos, text)
  } else {
    const at = $from.depth ? $from.after(1) : state.selection.to
    tr.insert(at, schema.nodes.paragraph.create(null, text))
    tr.setSelection(Selection.near(tr.doc.resolve(at + words.length + 1), -1))
  }
  return tr.scrollIntoView()
}
