import type { Node } from 'prosemirror-model'
import { boxByClass, readAside, readForm } from './readBoxes'
import { inlines } from './readInline'
import { readFigure } from './readMedia'
import { readTable } from './readTable'
import { schema } from './schema'

/** Makes the sheet's document of the stored HTML of a text. */
export function readHtml(html: string): Node {
  return schema.node('doc', null, filled(blocks(fragment(html))))
}

/** The body of a page made of a piece of HTML; nothing in it runs or loads. */
export function fragment(html: string): HTMLElement {
  return new DOMParser().parseFromString(`<body>${html}`, 'text/html').body
}

/** Where blocks must stand there is at least a line to write on. */
export function filled(content: Node[]): Node[] {
  return content.length ? content : [schema.node('paragraph')]
}

export function blocks(parent: Element): Node[] {
  return [...parent.children].map(block)
}

/** One block of stored HTML. */
export function block(element: Element): Node {
  const name = element.localName
  const className = element.className
  const box = boxByClass(element)
  if (box) return box
  if (/^h[1-6]$/.test(name)) {
    const attrs = { level: Number(name[1]), anchor: element.id, className }
    return schema.node('heading', attrs, inlines(element.childNodes))
  }
  switch (name) {
    case 'ul':
      return schema.node('bulleted_list', { className }, items(element))
    case 'ol': {
      const attrs = { start: Number(element.getAttribute('start') ?? 1), type: element.getAttribute('type') ?? '1' }
      return schema.node('numbered_list', attrs, items(element))
    }
    case 'hr':
      return schema.node('divider')
    case 'pre':
      return code(element)
    case 'table':
      return readTable(element, cellBlocks)
    case 'figure':
      return readFigure(element)
    case 'aside':
      return readAside(element)
    case 'form':
      return readForm(element)
    default:
      return schema.node('paragraph', { className }, inlines(element.childNodes))
  }
}

function code(pre: Element): Node {
  const language = pre.firstElementChild?.className.replace('language-', '') ?? ''
  const text = pre.textContent ?? ''
  return schema.node('code_block', { language }, text ? [schema.text(text)] : [])
}

function items(list: Element): Node[] {
  return [...list.children].map((li) => schema.node('list_item', null, cellBlocks(li)))
}

/** What is in an item or cell: a plain first paragraph may stand bare in it. */
export function cellBlocks(parent: Element): Node[] {
  const bare: ChildNode[] = []
  for (const node of parent.childNodes) {
    if (node instanceof Element && isBlock(node)) break
    bare.push(node)
  }
  const first = inlines(bare)
  const rest = [...parent.children].filter(isBlock).map(block)
  return filled(first.length ? [schema.node('paragraph', null, first), ...rest] : rest)
}

function isBlock(element: Element): boolean {
  return /^(p|h[1-6]|ul|ol|hr|figure|div|table|aside|pre|form)$/.test(element.localName)
}
