import type { Node } from 'prosemirror-model'
import { attribute } from '../base/html'
import { type BlockSpec, childrenOf, type Reading, type Writing } from './spec'
import { classOf, directed, dirOf, ownClass, ownDir, styled } from './text'

/** The kinds of number a list can have, besides 1, 2, 3, as CSS calls them. */
export const numberings: Record<string, string> = {
  a: 'lower-alpha',
  A: 'upper-alpha',
  i: 'lower-roman',
  I: 'upper-roman',
}

function items(list: Element, { schema, cell }: Reading): Node[] {
  return [...list.children].map((li) => schema.node('list_item', { value: whole(li.getAttribute('value')) }, cell(li)))
}

/** A whole number, or null where nothing is said. */
function whole(said: string | null): number | null {
  return said && /^-?\d{1,9}$/.test(said) ? Number(said) : null
}

/** The first number of a list that does not say one: counting down, it is the number of items. */
export function usualStart(list: Node): number {
  return list.attrs.reversed ? list.childCount : 1
}

/** The first number of a numbered list. The first item's own, as after others were moved, is the list's. */
export function startOf(list: Node): number {
  return list.firstChild?.attrs.value ?? list.attrs.start ?? usualStart(list)
}

/** The numbers that items say themselves, where counting does not give them; null for the others. */
function values(list: Node): (number | null)[] {
  let next = startOf(list)
  return list.children.map((item) => {
    const said = item.attrs.value !== null && item.attrs.value !== next ? (item.attrs.value as number) : null
    next = (said ?? next) + (list.attrs.reversed ? -1 : 1)
    return said
  })
}

function lines(list: Node, numbers: (number | null)[], writing: Writing): string {
  return writing.within(
    list.children.map((item, i) => {
      const value = numbers[i] === null || numbers[i] === undefined ? '' : attribute('value', String(numbers[i]))
      return `<li${value}>${writing.item(item)}</li>`
    }),
  )
}

export const bulletedList: BlockSpec = {
  name: 'Bulleted list',
  sign: 'M5 3h8M5 7h8M5 11h8M1 3h1M1 7h1M1 11h1',
  schema: {
    group: 'block list',
    content: 'list_item+',
    attrs: styled,
    parseDOM: [{ tag: 'ul', getAttrs: classOf }],
    toDOM: (node) => ['ul', { ...ownClass(node.attrs.className), ...ownDir(node.attrs.dir) }, 0],
  },
  parts: {
    list_item: {
      name: 'Item',
      schema: {
        content: 'block+',
        defining: true,
        // Its number, where a numbered list does not simply count on.
        attrs: { value: { default: null } },
        parseDOM: [{ tag: 'li', getAttrs: (li) => ({ value: whole(li.getAttribute('value')) }) }],
        toDOM: ({ attrs }) => ['li', attrs.value === null ? {} : { value: String(attrs.value) }, 0],
      },
    },
  },
  tags: ['ul'],
  read: (e, reading) =>
    reading.schema.node('bulleted_list', { className: e.className, dir: dirOf(e) }, items(e, reading)),
  write: (node, writing) => {
    const { className, dir } = node.attrs
    return `<ul${attribute('class', className)}${attribute('dir', dir)}>${lines(node, [], writing)}</ul>`
  },
  groups: childrenOf,
}

export const numberedList: BlockSpec = {
  name: 'Numbered list',
  sign: 'M6 3h7M6 7h7M6 11h7M1.5 1.5v4M1 9h2l-2 3h2',
  schema: {
    group: 'block list',
    content: 'list_item+',
    // Without a start it is the usual one, however many items there will be.
    attrs: { start: { default: null }, type: { default: '1' }, reversed: { default: false }, ...directed },
    parseDOM: [
      {
        tag: 'ol',
        getAttrs: (ol) => {
          const type = ol.getAttribute('type') ?? '1'
          return {
            start: whole(ol.getAttribute('start')),
            type: numberings[type] ? type : '1',
            reversed: ol.hasAttribute('reversed'),
            dir: dirOf(ol),
          }
        },
      },
    ],
    toDOM: (node) => {
      const { start, type, reversed, dir } = node.attrs
      // The editor's own styles would hide what the attribute asks for, and CSS cannot tell `a` from `A` in it.
      const style = `list-style-type: ${numberings[type]}`
      return [
        'ol',
        {
          ...(start === null ? {} : { start }),
          ...(type === '1' ? {} : { type, style }),
          ...(reversed ? { reversed: '' } : {}),
          ...ownDir(dir),
        },
        0,
      ]
    },
  },
  tags: ['ol'],
  read: (e, reading) => {
    const attrs = {
      start: whole(e.getAttribute('start')),
      type: e.getAttribute('type') ?? '1',
      reversed: e.hasAttribute('reversed'),
      dir: dirOf(e),
    }
    return reading.schema.node('numbered_list', attrs, items(e, reading))
  },
  write: (node, writing) => {
    const first = startOf(node)
    const start = first === usualStart(node) ? '' : attribute('start', String(first))
    const type = node.attrs.type === '1' ? '' : attribute('type', node.attrs.type)
    const reversed = node.attrs.reversed ? ' reversed=""' : ''
    const own = `${start}${type}${reversed}${attribute('dir', node.attrs.dir)}`
    return `<ol${own}>${lines(node, values(node), writing)}</ol>`
  },
  groups: childrenOf,
}
