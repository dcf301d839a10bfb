import type { Node } from 'prosemirror-model'
import { inlines } from '../base/read'
import { kindEntries, kinds } from '../blocks/kinds'
import type { BlockSpec, Reading } from '../blocks/spec'
import { schema } from './schema'

const byTag = new Map<string, BlockSpec>(kindEntries.flatMap(([, spec]) => spec.tags.map((tag) => [tag, spec])))
const blockNames = new Set([...byTag.keys()].map((tag) => tag.split('.')[0]).concat('div'))

/** Makes the sheet's document of the stored HTML of a text. */
export function readHtml(html: string): Node {
  return schema.node('doc', null, filled(blocks(fragment(html))))
}

/** The body of a page made of a piece of HTML; nothing in it runs or loads. */
export function fragment(html: string): HTMLElement {
  return new DOMParser().parseFromString(`<body>${html}`, 'text/html').body
}

/** One block of stored HTML. */
export function readBlock(element: Element): Node {
  const named = [...element.classList].map((name) => byTag.get(`${element.localName}.${name}`))
  const spec = named.find(Boolean) ?? byTag.get(element.localName) ?? kinds.paragraph
  return spec.read(element, reading)
}

function blocks(parent: Element): Node[] {
  return [...parent.children].map(readBlock)
}

/** Where blocks must stand there is at least a line to write on. */
export function filled(content: Node[]): Node[] {
  return content.length ? content : [schema.node('paragraph')]
}

function cell(parent: Element): Node[] {
  const bare: ChildNode[] = []
  for (const node of parent.childNodes) {
    if (node instanceof Element && isBlock(node)) break
    bare.push(node)
  }
  const first = inlines(schema, bare)
  const rest = [...parent.children].filter(isBlock).map(readBlock)
  return filled(first.length ? [schema.node('paragraph', null, first), ...rest] : rest)
}

function isBlock(element: Element): boolean {
  return blockNames.has(element.localName)
}

/** The readers that the kinds of block call for what stands inside them. */
export const reading: Reading = { schema, blocks, filled, cell, inlines: (nodes) => inlines(schema, nodes) }
