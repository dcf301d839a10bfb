import type { NodeSpec } from 'prosemirror-model'

/** A picture or player; what is written in it is its caption. */
function captioned(attrs: NodeSpec['attrs']): NodeSpec {
  return {
    group: 'block',
    content: 'inline*',
    isolating: true,
    draggable: true,
    attrs,
    toDOM: () => ['figure', ['figcaption', 0]],
  }
}

/** Pictures and players. Views of their own show them on the sheet. */
export const mediaNodes: Record<string, NodeSpec> = {
  picture: captioned({
    src: {},
    // null: nobody has said yet what it shows; empty: decorative
    alt: { default: null },
    side: { default: '' },
    width: { default: '' },
    credit: { default: '' },
    link: { default: null },
  }),
  gallery: {
    group: 'block',
    content: 'picture* gallery_caption',
    isolating: true,
    attrs: { columns: { default: 3 } },
    toDOM: (node) => ['figure', { class: `gallery columns-${node.attrs.columns}` }, 0],
  },
  gallery_caption: { content: 'inline*', isolating: true, toDOM: () => ['figcaption', 0] },
  embed: captioned({ address: {}, title: {}, width: { default: '100%' }, shape: { default: '16 / 9' } }),
  audio: captioned({ src: {}, title: {}, captions: { default: null } }),
  video: captioned({
    src: {},
    title: {},
    poster: { default: '' },
    captions: { default: null },
    width: { default: '' },
  }),
}
