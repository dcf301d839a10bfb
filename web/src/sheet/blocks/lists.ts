import type { Node } from 'prosemirror-model'
import { attribute } from '../base/html'
import { type BlockSpec, childrenOf, type Reading, type Writing } from './spec'
import { classOf, ownClass, styled } from './text'

/** The kinds of number a list can have, besides 1, 2, 3, as CSS calls them. */
export const numberings: Record<string, string> = {
  a: 'lower-alpha',
  A: 'upper-alpha',
  i: 'lower-roman',
  I: 'upper-roman',
}

function items(list: Element, { schema, cell }: Reading): Node[] {
  return [...list.children].map((li) => schema.node('list_item', null, cell(li)))
}

function lines(list: Node, writing: Writing): string {
  return writing.within(list.children.map((item) => `<li>${writing.item(item)}</li>`))
}

export const bulletedList: BlockSpec = {
  name: 'Bulleted list',
  sign: 'M5 3h8M5 7h8M5 11h8M1 3h1M1 7h1M1 11h1',
  schema: {
    group: 'block list',
    content: 'list_item+',
    attrs: styled,
    parseDOM: [{ tag: 'ul', getAttrs: classOf }],
    toDOM: (node) => ['ul', ownClass(node.attrs.className), 0],
  },
  parts: {
    list_item: {
      name: 'Item',
      schema: { content: 'block+', defining: true, parseDOM: [{ tag: 'li' }], toDOM: () => ['li', 0] },
    },
  },
  tags: ['ul'],
  read: (e, reading) => reading.schema.node('bulleted_list', { className: e.className }, items(e, reading)),
  write: (node, writing) => `<ul${attribute('class', node.attrs.className)}>${lines(node, writing)}</ul>`,
  groups: childrenOf,
}

export const numberedList: BlockSpec = {
  name: 'Numbered list',
  sign: 'M6 3h7M6 7h7M6 11h7M1.5 1.5v4M1 9h2l-2 3h2',
  schema: {
    group: 'block list',
    content: 'list_item+',
    attrs: { start: { default: 1 }, type: { default: '1' } },
    parseDOM: [
      {
        tag: 'ol',
        getAttrs: (ol) => {
          const type = ol.getAttribute('type') ?? '1'
          return { start: (ol as HTMLOListElement).start, type: numberings[type] ? type : '1' }
        },
      },
    ],
    toDOM: (node) => {
      const { start, type } = node.attrs
      // The editor's own styles would hide what the attribute asks for, and CSS cannot tell `a` from `A` in it.
      const style = `list-style-type: ${numberings[type]}`
      return ['ol', { ...(start === 1 ? {} : { start }), ...(type === '1' ? {} : { type, style }) }, 0]
    },
  },
  tags: ['ol'],
  read: (e, reading) => {
    const attrs = { start: Number(e.getAttribute('start') ?? 1), type: e.getAttribute('type') ?? '1' }
    return reading.schema.node('numbered_list', attrs, items(e, reading))
  },
  write: (node, writing) => {
    const start = node.attrs.start === 1 ? '' : attribute('start', String(node.attrs.start))
    const type = node.attrs.type === '1' ? '' : attribute('type', node.attrs.type)
    return `<ol${start}${type}>${lines(node, writing)}</ol>`
  },
  groups: childrenOf,
}
