import type { DOMOutputSpec, MarkSpec } from 'prosemirror-model'

/** The forms an address can have; the core judges the rest of it when the text is saved. */
export const knownForm = /^(https?:|mailto:|tel:|#|\/(?!\/)|\.\.\/(items|assets)\/)/i

function valued(dom: (value: string) => DOMOutputSpec, more: Partial<MarkSpec> = {}): MarkSpec {
  return { attrs: { value: {} }, toDOM: (mark) => dom(mark.attrs.value), ...more }
}

function plain(tag: string, more: string[] = []): MarkSpec {
  return { parseDOM: [tag, ...more].map((t) => ({ tag: t })), toDOM: () => [tag, 0] }
}

/** Text pasted from this sheet keeps its dress; what comes from elsewhere carries no such sign. */
function own(name: string) {
  return [{ tag: `[data-${name}]`, getAttrs: (e: HTMLElement) => ({ value: e.getAttribute(`data-${name}`) }) }]
}

/** The marks in the order in which they nest, the outermost first, as the format says. */
export const marks: Record<string, MarkSpec> = {
  link: {
    inclusive: false,
    attrs: { href: {}, title: { default: '' }, newTab: { default: false } },
    parseDOM: [
      {
        tag: 'a[href]',
        getAttrs: (a) =>
          knownForm.test(a.getAttribute('href') ?? '') && {
            href: a.getAttribute('href'),
            title: a.getAttribute('data-title') ?? a.title,
            newTab: a.getAttribute('target') === '_blank',
          },
      },
    ],
    toDOM: (mark) => {
      const { href, title, newTab } = mark.attrs
      return ['a', { href, 'data-title': title, ...(newTab ? { target: '_blank' } : {}) }, 0]
    },
  },
  // Only on the way in and out: on the sheet itself a placeholder is one thing.
  merge_field: valued((v) => ['data', { value: v }, 0]),
  language: valued((v) => ['span', { lang: v, 'data-language': v }, 0], { parseDOM: own('language') }),
  abbreviation: valued((v) => ['abbr', { title: v }, 0], {
    parseDOM: [{ tag: 'abbr[title]', getAttrs: (e) => ({ value: e.title }) }],
  }),
  style: valued((v) => ['span', { class: `style-${v}`, 'data-style': v }, 0], { parseDOM: own('style') }),
  font: valued((v) => ['span', { style: `font-family: ${v}`, 'data-font': v }, 0], { parseDOM: own('font') }),
  size: valued((v) => ['span', { style: `font-size: ${v}`, 'data-size': v }, 0], { parseDOM: own('size') }),
  colour: valued((v) => ['span', { style: `color: ${v}`, 'data-colour': v }, 0], { parseDOM: own('colour') }),
  highlight: valued((v) => ['mark', v ? { style: `background-color: ${v}`, 'data-colour': v } : {}, 0], {
    parseDOM: [{ tag: 'mark', getAttrs: (e) => ({ value: e.getAttribute('data-colour') ?? '' }) }],
  }),
  strong: plain('strong', ['b']),
  emphasis: plain('em', ['i']),
  underline: plain('u'),
  strikethrough: plain('s', ['del']),
  superscript: plain('sup'),
  subscript: plain('sub'),
  code: plain('code'),
}
