import type { NodeSpec } from 'prosemirror-model'

/** A block with nothing to write in; it is picked as a whole. */
function whole(attrs: NodeSpec['attrs']): NodeSpec {
  return { group: 'block', atom: true, draggable: true, attrs, toDOM: () => ['div'] }
}

/** Blocks that hold blocks, blocks the page fills in, and small signs in the text. */
export const boxNodes: Record<string, NodeSpec> = {
  columns: { group: 'block', content: 'column{2,4}', isolating: true, toDOM: () => ['div', { class: 'columns' }, 0] },
  column: {
    content: 'block+',
    isolating: true,
    attrs: { share: { default: 1 } },
    toDOM: (node) => ['div', { class: 'column', style: `flex-grow: ${node.attrs.share}` }, 0],
  },
  text_columns: {
    group: 'block',
    content: 'block+',
    defining: true,
    attrs: { count: { default: 2 }, gap: { default: 24 } },
    toDOM: (node) => {
      const { count, gap } = node.attrs
      return ['div', { class: 'text-columns', style: `column-count: ${count}; column-gap: ${gap}px` }, 0]
    },
  },
  callout: {
    group: 'block',
    content: 'block+',
    defining: true,
    attrs: { kind: { default: 'note' } },
    toDOM: (node) => ['aside', { class: `callout ${node.attrs.kind}`, role: 'note' }, 0],
  },
  fold: whole({}),
  jump_target: whole({ anchor: {} }),
  download: whole({ asset: {}, label: {} }),
  button_link: whole({ href: {}, title: { default: '' }, newTab: { default: false }, label: {} }),
  // `items` is null for the latest items of a section or topic.
  item_list: whole({ title: {}, section: { default: '' }, topic: { default: '' }, count: { default: 5 }, items: {} }),
  related_items: whole({ title: {}, items: {} }),
  contact_form: whole({ fields: {}, button: {} }),
  html: whole({ html: {} }),
}
