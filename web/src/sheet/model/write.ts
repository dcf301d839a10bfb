import type { Node } from 'prosemirror-model'
import { inline } from '../base/html'
import { specOf } from '../blocks/kinds'
import type { Writing } from '../blocks/spec'

/** The stored HTML of the sheet's document: the same bytes the core writes for the same text. */
export function writeHtml(doc: Node): string {
  return children(doc).join('\n')
}

/** Whether a block is nothing to a reader; such a one is not stored. */
export function isVoid(node: Node): boolean {
  return specOf(node)?.isVoid?.(node) ?? false
}

function stored(parent: Node): Node[] {
  return parent.children.filter((child) => !isVoid(child))
}

function children(node: Node): string[] {
  return stored(node).map(writeBlock)
}

function within(lines: string[]): string {
  return lines.length ? `\n${lines.join('\n')}\n` : ''
}

// A node never changes, so what was written of it once is true for as long as it stands.
const written = new WeakMap<Node, string>()

/** The stored HTML of one block. */
export function writeBlock(node: Node): string {
  let html = written.get(node)
  if (html === undefined) {
    html = specOf(node)?.write(node, writing) ?? ''
    written.set(node, html)
  }
  return html
}

function isBare(node: Node | undefined): boolean {
  return node?.type.name === 'paragraph' && !node.attrs.className && !node.attrs.dir
}

function item(node: Node): string {
  const [first, ...rest] = stored(node)
  if (isBare(first) && rest.every((n) => n.type.isInGroup('list'))) {
    return inline(first) + within(rest.map(writeBlock))
  }
  return within(children(node))
}

function cell(node: Node): string {
  const [first, ...rest] = stored(node)
  return isBare(first) && !rest.length ? inline(first) : within(children(node))
}

const writing: Writing = { children, within, item, cell }
