import { attribute, inline } from '../base/html'
import type { BlockSpec } from './spec'
import { classOf, dirOf, ownClass, ownDir, saysNothing, styled } from './text'

export const paragraph: BlockSpec = {
  name: 'Paragraph',
  sign: 'M1 3h12M1 7h12M1 11h8',
  schema: {
    group: 'block',
    content: 'inline*',
    attrs: styled,
    parseDOM: [{ tag: 'p', getAttrs: classOf }],
    toDOM: (node) => ['p', { ...ownClass(node.attrs.className), ...ownDir(node.attrs.dir) }, 0],
  },
  tags: ['p'],
  read: (e, { schema, inlines }) =>
    schema.node('paragraph', { className: e.className, dir: dirOf(e) }, inlines(e.childNodes)),
  write: (node) =>
    `<p${attribute('class', node.attrs.className)}${attribute('dir', node.attrs.dir)}>${inline(node)}</p>`,
  isVoid: saysNothing,
}
