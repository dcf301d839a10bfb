import { attribute, inline } from '../base/html'
import type { BlockSpec } from './spec'
import { classOf, dirOf, ownClass, ownDir, saysNothing, styled } from './text'

export const heading: BlockSpec = {
  name: (node) => `Heading ${node.attrs.level}`,
  sign: 'M3 2v10M11 2v10M3 7h8',
  schema: {
    group: 'block',
    content: 'inline*',
    defining: true,
    attrs: { level: { default: 2 }, anchor: { default: '' }, ...styled },
    // A page has one title, and it stands above the text.
    parseDOM: [1, 2, 3, 4, 5, 6].map((level) => ({
      tag: `h${level}`,
      getAttrs: (e) => ({ level: Number(e.getAttribute('data-level') ?? Math.max(2, level)), ...classOf(e) }),
    })),
    toDOM: ({ attrs }) => [
      `h${attrs.level}`,
      { 'data-level': attrs.level, ...ownClass(attrs.className), ...ownDir(attrs.dir) },
      0,
    ],
  },
  tags: ['h1', 'h2', 'h3', 'h4', 'h5', 'h6'],
  read: (e, { schema, inlines }) => {
    const attrs = { level: Number(e.localName[1]), anchor: e.id, className: e.className, dir: dirOf(e) }
    return schema.node('heading', attrs, inlines(e.childNodes))
  },
  write: (node) => {
    const { level, anchor, className, dir } = node.attrs
    const own = `${attribute('id', anchor)}${attribute('class', className)}${attribute('dir', dir)}`
    return `<h${level}${own}>${inline(node)}</h${level}>`
  },
  isVoid: saysNothing,
}
