import { closeHistory } from 'prosemirror-history'
import { Fragment, type Node, Slice } from 'prosemirror-model'
import { type EditorState, Plugin, PluginKey, Selection, type Transaction } from 'prosemirror-state'
import { intoLineBelow } from '../commands/below'
import { readHtml } from '../model/read'

/** A stretch of the sheet that foreign text was put into, or is about to be. */
interface Stretch {
  from: number
  to: number
}

const key = new PluginKey<Stretch | null>('foreign')

/** Keeps the stretch in its place while one goes on typing elsewhere. */
export const foreignStretch = new Plugin<Stretch | null>({
  key,
  state: {
    init: () => null,
    apply(tr, was) {
      const set = tr.getMeta(key)
      if (set !== undefined) return set
      if (!was || !tr.docChanged) return was
      const from = tr.mapping.map(was.from, -1)
      return { from, to: Math.max(from, tr.mapping.map(was.to, 1)) }
    },
  },
})

export function stretchOf(state: EditorState): Stretch | null {
  return key.getState(state) ?? null
}

/** Whether nothing is left of what was put in, as after Undo. */
export function isGone(state: EditorState): boolean {
  const stretch = key.getState(state)
  if (!stretch || stretch.from === stretch.to) return true
  let found = false
  state.doc.nodesBetween(stretch.from, stretch.to, (node) => {
    if (node.isLeaf) found = true
    return !found
  })
  return !found
}

/** Notes what is selected as the place where foreign text will go. */
export function setPlace(state: EditorState, stretch: Stretch | null = state.selection): Transaction {
  return state.tr.setMeta(key, stretch && { from: stretch.from, to: stretch.to }).setMeta('addToHistory', false)
}

/**
 * A transaction that puts a text into the marked place, in one step that Undo takes back whole. A
 * single paragraph joins the line it goes into; anything else stands as blocks of its own.
 */
export function put(state: EditorState, html: string, given = '', follows = false): Transaction {
  const { from, to } = stretchOf(state) ?? state.selection
  // Somebody who went on elsewhere stays there; not so where the cursor shall go along with what came.
  const away = state.selection.from < from || state.selection.to > to
  const tr = closeHistory(state.tr)
  const slice = open(state, from, readHtml(html), given)
  if (slice.size) tr.replaceRange(from, to, slice)
  else tr.deleteRange(from, to)
  const start = tr.mapping.map(from, -1)
  const end = tr.mapping.map(to, 1)
  if (follows || !away) {
    tr.setSelection(Selection.near(tr.doc.resolve(Math.min(end, tr.doc.content.size)), -1)).scrollIntoView()
  }
  return tr
    .setMeta(key, { from: Math.min(start, end), to: end })
    .setMeta('paste', true)
    .scrollIntoView()
}

/**
 * A transaction that puts a block behind the one in which the noted place lies. Somebody may have gone on writing
 * while it was on its way, so the cursor stays where it is; only where it still is at the place does it go on
 * below what came.
 */
export function putAside(state: EditorState, block: Node): Transaction {
  const place = stretchOf(state) ?? state.selection
  const $at = state.doc.resolve(Math.min(place.to, state.doc.content.size))
  let depth = $at.depth
  while (
    depth > 0 &&
    !$at.node(depth - 1).canReplaceWith($at.indexAfter(depth - 1), $at.indexAfter(depth - 1), block.type)
  )
    depth--
  const stays = state.selection.from !== place.from
  const empty = depth > 0 && $at.node(depth).isTextblock && !$at.node(depth).content.size
  const from = depth === 0 ? $at.pos : empty ? $at.before(depth) : $at.after(depth)
  const to = depth === 0 ? $at.pos : $at.after(depth)
  const tr = closeHistory(state.tr).replaceWith(from, to, block)
  if (!stays) intoLineBelow(tr, from + block.nodeSize).scrollIntoView()
  const behind = from + block.nodeSize
  return tr.setMeta(key, { from: behind, to: behind })
}

/** The blocks of a text, with the first and last paragraph open where they go into a line. */
function open(state: EditorState, at: number, read: Node, given: string): Slice {
  const doc = withSpaces(read, given)
  const line = state.doc.resolve(at).parent
  if (doc.childCount === 1 && doc.firstChild?.isTextblock && !doc.firstChild.content.size) return Slice.empty
  if (!line.inlineContent) return new Slice(doc.content, 0, 0)
  if (line.type.name === 'prompt') return new Slice(doc.content, 0, 0)
  if (line.type.name !== 'paragraph' && line.type.name !== 'heading') return inLine(doc)
  const words = line.content.size > 0
  const opens = (node: Node | null) => words && node?.type.name === 'paragraph'
  return new Slice(doc.content, opens(doc.firstChild) ? 1 : 0, opens(doc.lastChild) ? 1 : 0)
}

/** A phrase keeps the space it was copied with at its ends. */
function withSpaces(doc: Node, given: string): Node {
  const only = doc.firstChild
  if (doc.childCount > 1 || only?.type.name !== 'paragraph' || !given.trim()) return doc
  const space = doc.type.schema.text(' ')
  let content = only.content
  if (/^[ \t]/.test(given)) content = Fragment.from(space).append(content)
  if (/[ \t]$/.test(given)) content = content.append(Fragment.from(space))
  return doc.copy(Fragment.from(only.copy(content)))
}

/** All words of a text in one line, for places that hold no more: captions, code. */
function inLine(doc: Node): Slice {
  const parts: Node[] = []
  doc.descendants((node) => {
    if (!node.isTextblock) return true
    if (parts.length) parts.push(doc.type.schema.text(' '))
    for (const inline of node.content.content) parts.push(inline)
    return false
  })
  return new Slice(Fragment.fromArray(parts), 0, 0)
}
