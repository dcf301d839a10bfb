import { type DOMOutputSpec, type MarkSpec, type NodeSpec, Schema } from 'prosemirror-model'

/*
 * The sheet's schema. It maps one to one onto the document format (docs/format.md): `read.ts` makes it
 * from the stored HTML and `write.ts` gives the same bytes back. What has no node here yet is carried
 * through untouched, as a labelled box.
 */

/** The attributes of a paragraph or heading, as the class they have in the stored form. */
const styled = { className: { default: '' } }

function styledAttrs(className: string): Record<string, string> {
  return className ? { class: className } : {}
}

const numberings: Record<string, string> = {
  a: 'lower-alpha',
  A: 'upper-alpha',
  i: 'lower-roman',
  I: 'upper-roman',
}

const nodes: Record<string, NodeSpec> = {
  doc: { content: 'block+' },
  paragraph: {
    group: 'block',
    content: 'inline*',
    attrs: styled,
    parseDOM: [{ tag: 'p' }],
    toDOM: (node) => ['p', styledAttrs(node.attrs.className), 0],
  },
  heading: {
    group: 'block',
    content: 'inline*',
    defining: true,
    attrs: { level: { default: 2 }, anchor: { default: '' }, ...styled },
    // A page has one title, and it stands above the text.
    parseDOM: [1, 2, 3, 4, 5, 6].map((level) => ({ tag: `h${level}`, attrs: { level: Math.max(2, level) } })),
    toDOM: (node) => [`h${node.attrs.level}`, styledAttrs(node.attrs.className), 0],
  },
  bulleted_list: {
    group: 'block list',
    content: 'list_item+',
    attrs: { className: { default: '' } },
    parseDOM: [{ tag: 'ul' }],
    toDOM: (node) => ['ul', styledAttrs(node.attrs.className), 0],
  },
  numbered_list: {
    group: 'block list',
    content: 'list_item+',
    attrs: { start: { default: 1 }, type: { default: '1' } },
    parseDOM: [
      {
        tag: 'ol',
        getAttrs: (ol) => ({ start: (ol as HTMLOListElement).start, type: ol.getAttribute('type') ?? '1' }),
      },
    ],
    toDOM: (node) => {
      const { start, type } = node.attrs
      // The editor's own styles would hide what the attribute asks for, and CSS cannot tell `a` from `A` in it.
      const style = `list-style-type: ${numberings[type]}`
      return ['ol', { ...(start === 1 ? {} : { start }), ...(type === '1' ? {} : { type, style }) }, 0]
    },
  },
  list_item: {
    content: 'block+',
    defining: true,
    parseDOM: [{ tag: 'li' }],
    toDOM: () => ['li', 0],
  },
  quote: {
    group: 'block',
    content: 'quoted attribution',
    defining: true,
    attrs: { pull: { default: false }, cite: { default: '' } },
    parseDOM: [{ tag: 'figure.quote' }, { tag: 'blockquote' }],
    toDOM: (node) => ['figure', { class: node.attrs.pull ? 'quote pull' : 'quote' }, 0],
  },
  quoted: {
    content: 'block+',
    parseDOM: [{ tag: 'figure.quote > blockquote' }],
    toDOM: () => ['blockquote', 0],
  },
  attribution: {
    content: 'inline*',
    isolating: true,
    parseDOM: [{ tag: 'figure.quote > figcaption' }],
    toDOM: () => ['figcaption', 0],
  },
  picture: {
    group: 'block',
    // Its content is the caption.
    content: 'inline*',
    isolating: true,
    draggable: true,
    attrs: {
      src: {},
      // null: nobody has said yet what it shows; empty: decorative
      alt: { default: null },
      className: { default: '' },
      width: { default: '' },
      credit: { default: '' },
      link: { default: null },
    },
    // Only for the clipboard; on the sheet a view of its own shows it.
    parseDOM: [
      {
        tag: 'figure[data-picture]',
        contentElement: 'figcaption',
        getAttrs: (f) => JSON.parse(f.getAttribute('data-picture') ?? '{}'),
      },
    ],
    toDOM: (node) => ['figure', { 'data-picture': JSON.stringify(node.attrs) }, ['figcaption', 0]],
  },
  divider: {
    group: 'block',
    parseDOM: [{ tag: 'hr' }],
    toDOM: () => ['hr'],
  },
  carried: {
    group: 'block',
    atom: true,
    attrs: { html: {}, label: { default: '' } },
    parseDOM: [
      {
        tag: 'div[data-carried]',
        getAttrs: (d) => ({ html: d.getAttribute('data-carried'), label: d.textContent }),
      },
    ],
    toDOM: (node) => ['div', { class: 'carried', 'data-carried': node.attrs.html }, node.attrs.label],
  },
  text: { group: 'inline' },
  line_break: {
    group: 'inline',
    inline: true,
    selectable: false,
    parseDOM: [{ tag: 'br' }],
    toDOM: () => ['br'],
  },
}

/** The forms an address can have; the core judges the rest of it when the text is saved. */
const knownForm = /^(https?:|mailto:|tel:|#|\/(?!\/)|\.\.\/(items|assets)\/)/i

const one = { value: {} }

function valued(dom: (value: string) => DOMOutputSpec): MarkSpec {
  return { attrs: one, toDOM: (mark) => dom(mark.attrs.value) }
}

function plain(tag: string, more: string[] = []): MarkSpec {
  return { parseDOM: [tag, ...more].map((t) => ({ tag: t })), toDOM: () => [tag, 0] }
}

/** The marks in the order in which they nest, the outermost first, as the format says. */
const marks: Record<string, MarkSpec> = {
  link: {
    inclusive: false,
    attrs: { href: {}, title: { default: '' }, newTab: { default: false } },
    parseDOM: [
      {
        tag: 'a[href]',
        getAttrs: (a) =>
          knownForm.test(a.getAttribute('href') ?? '') && {
            href: a.getAttribute('href'),
            title: a.title,
            newTab: a.getAttribute('target') === '_blank',
          },
      },
    ],
    toDOM: (mark) => ['a', { href: mark.attrs.href, title: mark.attrs.title || mark.attrs.href }, 0],
  },
  merge_field: valued((v) => ['data', { value: v }, 0]),
  language: valued((v) => ['span', { lang: v }, 0]),
  abbreviation: valued((v) => ['abbr', { title: v }, 0]),
  style: valued((v) => ['span', { class: `style-${v}` }, 0]),
  font: valued((v) => ['span', { style: `font-family: ${v}` }, 0]),
  size: valued((v) => ['span', { style: `font-size: ${v}` }, 0]),
  colour: valued((v) => ['span', { style: `color: ${v}` }, 0]),
  highlight: valued((v) => ['mark', v ? { style: `background-color: ${v}` } : {}, 0]),
  strong: plain('strong', ['b']),
  emphasis: plain('em', ['i']),
  underline: plain('u'),
  strikethrough: plain('s', ['del']),
  superscript: plain('sup'),
  subscript: plain('sub'),
  code: plain('code'),
}

export const schema = new Schema({ nodes, marks })
