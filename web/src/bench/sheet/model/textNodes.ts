import type { NodeSpec } from 'prosemirror-model'

/** The attributes of a paragraph or heading, as the class they have in the stored form. */
const styled = { className: { default: '' } }

/** Copied from this sheet, a block keeps its dress; classes from elsewhere mean nothing here. */
function dressed(className: string): Record<string, string> {
  return className ? { class: className, 'data-dress': className } : {}
}

const dressOf = (e: HTMLElement) => ({ className: e.getAttribute('data-dress') ?? '' })

export const numberings: Record<string, string> = {
  a: 'lower-alpha',
  A: 'upper-alpha',
  i: 'lower-roman',
  I: 'upper-roman',
}

/** Running text: paragraphs, headings, lists, quotes, code. */
export const textNodes: Record<string, NodeSpec> = {
  doc: { content: 'block+' },
  paragraph: {
    group: 'block',
    content: 'inline*',
    attrs: styled,
    parseDOM: [{ tag: 'p', getAttrs: dressOf }],
    toDOM: (node) => ['p', dressed(node.attrs.className), 0],
  },
  heading: {
    group: 'block',
    content: 'inline*',
    defining: true,
    attrs: { level: { default: 2 }, anchor: { default: '' }, ...styled },
    // A page has one title, and it stands above the text.
    parseDOM: [1, 2, 3, 4, 5, 6].map((level) => ({
      tag: `h${level}`,
      getAttrs: (e) => ({ level: Number(e.getAttribute('data-level') ?? Math.max(2, level)), ...dressOf(e) }),
    })),
    toDOM: (node) => [`h${node.attrs.level}`, { 'data-level': node.attrs.level, ...dressed(node.attrs.className) }, 0],
  },
  bulleted_list: {
    group: 'block list',
    content: 'list_item+',
    attrs: styled,
    parseDOM: [{ tag: 'ul', getAttrs: dressOf }],
    toDOM: (node) => ['ul', dressed(node.attrs.className), 0],
  },
  numbered_list: {
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
    toDOM: (node) => ['figure', { class: node.attrs.pull ? 'quote pull' : 'quote' }, 0],
  },
  quoted: { content: 'block+', toDOM: () => ['blockquote', 0] },
  attribution: { content: 'inline*', isolating: true, toDOM: () => ['figcaption', 0] },
  code_block: {
    group: 'block',
    content: 'text*',
    marks: '',
    code: true,
    defining: true,
    attrs: { language: { default: '' } },
    parseDOM: [{ tag: 'pre', preserveWhitespace: 'full' }],
    toDOM: (node) => [
      'pre',
      { 'data-language': node.attrs.language || 'plain text' },
      ['code', { spellcheck: 'false' }, 0],
    ],
  },
  // What to write here; what one types in it takes its place.
  prompt: {
    group: 'block',
    content: 'text*',
    marks: '',
    attrs: { level: { default: 0 }, text: {} },
    toDOM: (node) => {
      const { level, text } = node.attrs
      return [level ? `h${level}` : 'p', { class: 'prompt', 'data-prompt': text, title: `Prompt: ${text}` }, 0]
    },
  },
  divider: { group: 'block', parseDOM: [{ tag: 'hr' }], toDOM: () => ['hr'] },
  text: { group: 'inline' },
  line_break: {
    group: 'inline',
    inline: true,
    selectable: false,
    parseDOM: [{ tag: 'br' }],
    toDOM: () => ['br'],
  },
}
