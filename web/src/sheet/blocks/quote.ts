import { attribute, inline } from '../base/html'
import { lineView } from '../views/caption'
import { type BlockSpec, childrenOf } from './spec'

/** A quotation and who said it. The attribution is a line of its own below what is quoted. */
export const quote: BlockSpec = {
  name: (node) => (node.attrs.pull ? 'Pull quote' : 'Quote'),
  sign: 'M2 10c2 0 3-2 3-6H2v3h3M8.500 10c2 0 3-2 3-6h-3v3h3',
  schema: {
    group: 'block',
    content: 'quoted attribution',
    defining: true,
    attrs: { pull: { default: false }, cite: { default: '' } },
    toDOM: (node) => ['figure', { class: node.attrs.pull ? 'quote pull' : 'quote' }, 0],
  },
  parts: {
    quoted: { schema: { content: 'block+', toDOM: () => ['blockquote', 0] } },
    attribution: {
      name: 'Who said it',
      schema: { content: 'inline*', isolating: true, toDOM: () => ['figcaption', 0] },
      view: lineView('figcaption', 'Who said it'),
    },
  },
  tags: ['figure.quote'],
  read: (figure, { schema, blocks, filled, inlines }) => {
    const inner = figure.querySelector(':scope > blockquote')
    const by = figure.querySelector(':scope > figcaption')
    const attrs = { pull: figure.classList.contains('pull'), cite: inner?.getAttribute('cite') ?? '' }
    return schema.node('quote', attrs, [
      schema.node('quoted', null, filled(inner ? blocks(inner) : [])),
      schema.node('attribution', null, inlines(by?.childNodes ?? [])),
    ])
  },
  write: (node, { children, within }) => {
    const kind = node.attrs.pull ? 'quote pull' : 'quote'
    const by = node.child(1).textContent.trim() ? `<figcaption>${inline(node.child(1))}</figcaption>` : ''
    const body = within(children(node.child(0)))
    return `<figure class="${kind}"><blockquote${attribute('cite', node.attrs.cite)}>${body}</blockquote>${by}</figure>`
  },
  groups: (found) => childrenOf(found).slice(0, 1),
  whole: true,
}
