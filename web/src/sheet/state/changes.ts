import { closeHistory } from 'prosemirror-history'
import type { Node, Slice } from 'prosemirror-model'
import { type EditorState, Selection, type Transaction } from 'prosemirror-state'
import { readHtml } from '../model/read'
import { schema } from '../model/schema'

/** The stretch in which a text differs from another, and what is there in the other; null where they are the same. */
export function difference(doc: Node, html: string): { from: number; to: number; slice: Slice } | null {
  const next = readHtml(html)
  const start = doc.content.findDiffStart(next.content)
  if (start === null) return null
  const ends = doc.content.findDiffEnd(next.content)
  if (!ends) return null
  let { a, b } = ends
  const overlap = start - Math.min(a, b)
  if (overlap > 0) {
    a += overlap
    b += overlap
  }
  return { from: start, to: a, slice: next.slice(start, b) }
}

/**
 * The change that makes one text another, or null where they are the same. Only the stretch that differs is
 * replaced, so that the cursor and Undo keep what stands around it.
 */
export function replacement(state: EditorState, html: string): Transaction | null {
  const found = difference(state.doc, html)
  if (!found) return null
  try {
    const tr = state.tr.replace(found.from, found.to, found.slice)
    tr.doc.check()
    return tr
  } catch {
    // The ends lie at different depths; then all of it is replaced, still in one step.
    return state.tr.replaceWith(0, state.doc.content.size, readHtml(html).content)
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
