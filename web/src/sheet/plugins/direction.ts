import type { Node } from 'prosemirror-model'
import { type EditorState, Plugin, type Transaction } from 'prosemirror-state'
import { type Direction, firstStrong } from '../base/direction'

const lines = new Set(['paragraph', 'heading'])
const boxes = new Set(['bulleted_list', 'numbered_list', 'table_block'])

/** What lines at a place run like where they say nothing themselves. */
function around(doc: Node, pos: number, item: Direction): string {
  const $pos = doc.resolve(pos)
  for (let depth = $pos.depth; depth > 0; depth--) {
    const { dir } = $pos.node(depth).attrs
    if (dir) return dir
  }
  return item
}

function wanted(strong: string, around: string): string {
  return strong === around ? '' : strong
}

/** The textblock around or at a place. */
function lineAt(doc: Node, pos: number): Node | null {
  const $pos = doc.resolve(Math.max(0, Math.min(pos, doc.content.size)))
  return $pos.parent.isTextblock ? $pos.parent : ($pos.nodeAfter ?? null)
}

/**
 * A line whose first letter turns to another direction, as one types, gets that direction where it differs from what
 * is around it. What somebody has set by hand stays until the first letter turns.
 */
export function directions(item: () => Direction): Plugin {
  return new Plugin({
    appendTransaction(transactions, before, now) {
      if (!transactions.some((t) => t.docChanged)) return null
      // Pasted text comes with its directions, and Undo brings back those that were.
      if (transactions.some((t) => t.getMeta('paste') || t.getMeta('history$') || t.getMeta('directed'))) return null
      const tr = now.tr
      for (const [pos, node] of changedLines(before.doc, now.doc)) {
        const strong = firstStrong(node.textContent)
        if (!strong) continue
        const back = transactions.reduceRight((at, t) => t.mapping.invert().map(at), pos + 1)
        const was = lineAt(before.doc, back)
        if (was && firstStrong(was.textContent) === strong) continue
        const dir = wanted(strong, around(now.doc, pos, item()))
        if (dir !== node.attrs.dir) tr.setNodeAttribute(pos, 'dir', dir)
      }
      return tr.docChanged ? tr : null
    },
  })
}

/** The paragraphs and headings that differ between two states, with their places in the later one. */
function changedLines(before: Node, now: Node): [number, Node][] {
  const start = before.content.findDiffStart(now.content)
  const end = before.content.findDiffEnd(now.content)
  const out: [number, Node][] = []
  if (start === null || !end) return out
  now.nodesBetween(start, Math.max(start, Math.min(end.b, now.content.size)), (node, pos) => {
    if (lines.has(node.type.name)) out.push([pos, node])
    return !node.isTextblock
  })
  return out
}

/**
 * Gives every line, list and table the direction of its own first letter, where the item's differs: for a text whose
 * item has got a language that runs the other way.
 */
export function redirected(state: EditorState, item: Direction): Transaction | null {
  const tr = state.tr.setMeta('addToHistory', false).setMeta('directed', true)
  state.doc.descendants((node, pos) => {
    const box = boxes.has(node.type.name)
    if (box || lines.has(node.type.name)) {
      const strong = firstStrong(node.textContent)
      const dir = strong ? wanted(strong, around(tr.doc, pos, item)) : ''
      if (dir !== node.attrs.dir) tr.setNodeAttribute(pos, 'dir', dir)
    }
    return !node.isTextblock
  })
  return tr.docChanged ? tr : null
}
