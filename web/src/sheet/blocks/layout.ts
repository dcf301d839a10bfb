import { attribute } from '../base/html'
import { type BlockSpec, childrenOf } from './spec'

/** The proportions in which columns can stand side by side. */
export const proportions: [shares: string, name: string][] = [
  ['1:1', 'Two equal'],
  ['2:1', 'Two, first wider'],
  ['1:2', 'Two, second wider'],
  ['3:1', 'Two, first much wider'],
  ['1:3', 'Two, second much wider'],
  ['1:1:1', 'Three equal'],
  ['2:1:1', 'Three, first wider'],
  ['1:2:1', 'Three, middle wider'],
  ['1:1:2', 'Three, last wider'],
  ['1:1:1:1', 'Four equal'],
]

export const columns: BlockSpec = {
  name: 'Side-by-side columns',
  sign: 'M1 2h5v10H1zM8 2h5v10H8z',
  schema: {
    group: 'block',
    content: 'column{2,4}',
    isolating: true,
    toDOM: () => ['div', { class: 'columns' }, 0],
  },
  parts: {
    column: {
      name: 'Column',
      schema: {
        content: 'block+',
        isolating: true,
        attrs: { share: { default: 1 } },
        toDOM: (node) => ['div', { class: 'column', style: `flex-grow: ${node.attrs.share}` }, 0],
      },
    },
  },
  tags: ['div.columns'],
  read: (e, { schema, blocks, filled }) => {
    const made = [...e.children].map((column) => {
      const share = Number((column as HTMLElement).style.flexGrow) || 1
      return schema.node('column', { share }, filled(blocks(column)))
    })
    return schema.node('columns', null, made)
  },
  write: (node, { children, within }) => {
    const lines = node.children.map((column) => {
      const share = column.attrs.share === 1 ? '' : ` style="flex-grow: ${column.attrs.share}"`
      return `<div class="column"${share}>${within(children(column))}</div>`
    })
    return `<div class="columns">${within(lines)}</div>`
  },
  groups: childrenOf,
  whole: true,
  inserts: [
    {
      id: 'columns',
      name: 'Side-by-side columns',
      about: 'Two to four; below each other on a phone',
      family: 'layout',
      keys: 'Mod-Alt-m',
      words: 'two three four layout',
      ask: 'columns',
    },
  ],
}

export const textColumns: BlockSpec = {
  name: 'Text columns',
  sign: 'M1 3h5M1 7h5M1 11h5M8 3h5M8 7h5M8 11h5',
  schema: {
    group: 'block',
    content: 'block+',
    defining: true,
    attrs: { count: { default: 2 }, gap: { default: 24 } },
    toDOM: (node) => {
      const { count, gap } = node.attrs
      return ['div', { class: 'text-columns', style: `column-count: ${count}; column-gap: ${gap}px` }, 0]
    },
  },
  tags: ['div.text-columns'],
  read: (e, { schema, blocks, filled }) => {
    const style = (e as HTMLElement).style
    const attrs = { count: Number(style.columnCount) || 2, gap: Number.parseInt(style.columnGap, 10) || 0 }
    return schema.node('text_columns', attrs, filled(blocks(e)))
  },
  write: (node, { children, within }) => {
    const style = `column-count: ${node.attrs.count}; column-gap: ${node.attrs.gap}px`
    return `<div class="text-columns"${attribute('style', style)}>${within(children(node))}</div>`
  },
  groups: (found) => [found],
  whole: true,
  inserts: [
    {
      id: 'text-columns',
      name: 'Text columns',
      about: 'One text that flows through columns',
      family: 'layout',
      keys: 'Mod-Alt-n',
      words: 'newspaper flow',
      wraps: 'text_columns',
    },
  ],
}

export const callout: BlockSpec = {
  name: 'Callout',
  sign: 'M1 2h12v8H6l-3 3v-3H1z',
  schema: {
    group: 'block',
    content: 'block+',
    defining: true,
    attrs: { kind: { default: 'note' } },
    toDOM: (node) => ['aside', { class: `callout ${node.attrs.kind}`, role: 'note' }, 0],
  },
  tags: ['aside'],
  read: (e, { schema, blocks, filled }) => {
    const kind = ['tip', 'warning'].find((k) => e.classList.contains(k)) ?? 'note'
    return schema.node('callout', { kind }, filled(blocks(e)))
  },
  write: (node, { children, within }) => `<aside class="callout ${node.attrs.kind}">${within(children(node))}</aside>`,
  groups: (found) => [found],
  whole: true,
  inserts: [
    {
      id: 'callout',
      name: 'Callout',
      about: 'A note, tip or warning set apart',
      family: 'layout',
      keys: 'Mod-Alt-o',
      words: 'note tip warning box',
      wraps: 'callout',
    },
  ],
}
