import type { Mark, Node } from 'prosemirror-model'
import { schema } from './schema'

/** Makes the sheet's document of the stored HTML of a text. */
export function readHtml(html: string): Node {
  const body = new DOMParser().parseFromString(`<body>${html}`, 'text/html').body
  return schema.node('doc', null, filled(blocks(body)))
}

function filled(content: Node[]): Node[] {
  return content.length ? content : [schema.node('paragraph')]
}

function blocks(parent: Element): Node[] {
  return [...parent.children].map(block)
}

function block(element: Element): Node {
  const name = element.localName
  const className = element.className
  if (name === 'p' && !/\b(download|button)\b/.test(className)) {
    return schema.node('paragraph', { className }, inlines(element.childNodes))
  }
  if (/^h[1-6]$/.test(name)) {
    const attrs = { level: Number(name[1]), anchor: element.id, className }
    return schema.node('heading', attrs, inlines(element.childNodes))
  }
  if (name === 'ul') return schema.node('bulleted_list', { className }, items(element))
  if (name === 'ol') {
    const attrs = { start: Number(element.getAttribute('start') ?? 1), type: element.getAttribute('type') ?? '1' }
    return schema.node('numbered_list', attrs, items(element))
  }
  if (name === 'hr') return schema.node('divider')
  if (name === 'figure' && element.classList.contains('quote')) return quote(element)
  if (name === 'figure' && element.classList.contains('picture')) return picture(element)
  return schema.node('carried', { html: element.outerHTML, label: label(element) })
}

function items(list: Element): Node[] {
  return [...list.children].map((li) => schema.node('list_item', null, filled(itemBlocks(li))))
}

/** A plain first paragraph stands bare in its item. */
function itemBlocks(li: Element): Node[] {
  const bare: ChildNode[] = []
  for (const node of li.childNodes) {
    if (node instanceof Element && isBlock(node)) break
    bare.push(node)
  }
  const first = inlines(bare)
  const rest = blocks(li).filter((_, i) => isBlock(li.children[i]))
  return first.length ? [schema.node('paragraph', null, first), ...rest] : rest
}

function isBlock(element: Element): boolean {
  return /^(p|h[1-6]|ul|ol|hr|figure|div|table|aside|pre|form)$/.test(element.localName)
}

function quote(figure: Element): Node {
  const inner = figure.querySelector(':scope > blockquote')
  const by = figure.querySelector(':scope > figcaption')
  const attrs = { pull: figure.classList.contains('pull'), cite: inner?.getAttribute('cite') ?? '' }
  const attribution = schema.node('attribution', null, by ? inlines(by.childNodes) : [])
  const quoted = schema.node('quoted', null, filled(inner ? blocks(inner) : []))
  return schema.node('quote', attrs, [quoted, attribution])
}

function picture(figure: Element): Node {
  const img = figure.querySelector('img')
  const a = figure.querySelector(':scope > a')
  const caption = figure.querySelector(':scope > figcaption')
  const credit = caption?.querySelector(':scope > small:last-child')
  const words = [...(caption?.childNodes ?? [])].filter((n) => n !== credit)
  const attrs = {
    src: img?.getAttribute('src') ?? '',
    alt: img?.getAttribute('alt') ?? null,
    className: figure.className.replace('picture', '').trim(),
    width: figure.getAttribute('style')?.replace('width: ', '') ?? '',
    credit: credit?.textContent ?? '',
    link: a ? linkAttrs(a) : null,
  }
  const content = inlines(words)
  const last = content.at(-1)
  if (credit && last?.text?.endsWith(' ')) {
    const shorter = last.text.slice(0, -1)
    content.pop()
    if (shorter) content.push(schema.text(shorter, last.marks))
  }
  return schema.node('picture', attrs, content)
}

function linkAttrs(a: Element) {
  return {
    href: a.getAttribute('href') ?? '',
    title: a.getAttribute('title') ?? '',
    newTab: a.getAttribute('target') === '_blank',
  }
}

function inlines(nodes: Iterable<ChildNode>, marks: readonly Mark[] = []): Node[] {
  const out: Node[] = []
  for (const node of nodes) {
    if (node instanceof Text) {
      // Line feeds only lay the markup out: beside blocks, and where a block follows bare text.
      const text = node.data.replace(/^\n+|\n+$/g, '')
      if (text) out.push(schema.text(text, marks))
    } else if (node instanceof Element) {
      if (node.localName === 'br') out.push(schema.node('line_break', null, [], marks))
      else out.push(...inlines(node.childNodes, mark(node).addToSet(marks)))
    }
  }
  return out
}

const simple: Record<string, string> = {
  strong: 'strong',
  em: 'emphasis',
  u: 'underline',
  s: 'strikethrough',
  sup: 'superscript',
  sub: 'subscript',
  code: 'code',
}

function mark(element: Element): Mark {
  const name = element.localName
  if (name === 'a') return schema.mark('link', linkAttrs(element))
  if (simple[name]) return schema.mark(simple[name])
  const value = (attribute: string) => element.getAttribute(attribute) ?? ''
  if (name === 'data') return schema.mark('merge_field', { value: value('value') })
  if (name === 'abbr') return schema.mark('abbreviation', { value: value('title') })
  if (name === 'mark') return schema.mark('highlight', { value: value('style').replace('background-color: ', '') })
  if (element.hasAttribute('lang')) return schema.mark('language', { value: value('lang') })
  const style = value('style')
  if (style.startsWith('font-family: ')) return schema.mark('font', { value: style.slice(13) })
  if (style.startsWith('font-size: ')) return schema.mark('size', { value: style.slice(11) })
  if (style.startsWith('color: ')) return schema.mark('colour', { value: style.slice(7) })
  return schema.mark('style', { value: element.className.replace('style-', '') })
}

/** What a box that is only carried through says it holds. */
function label(element: Element): string {
  const words = (element.querySelector('caption, summary, p, a, label, figcaption, code')?.textContent ?? '').trim()
  return [boxName(element), words.slice(0, 80)].filter(Boolean).join(': ')
}

function boxName(element: Element): string {
  const names: Record<string, string> = { table: 'Table', pre: 'Code', form: 'Contact form', aside: 'Callout' }
  if (names[element.localName]) return names[element.localName]
  const byClass: Record<string, string> = {
    gallery: 'Gallery',
    embed: 'Embed',
    audio: 'Audio',
    video: 'Video',
    download: 'File download',
    button: 'Button link',
    columns: 'Side-by-side columns',
    'text-columns': 'Text columns',
    fold: 'Fold: section pages show the text down to here',
    'item-list': 'Item list',
    'related-items': 'Related items',
    'jump-target': `Jump target ${element.id}`,
    html: 'Raw HTML',
  }
  for (const name of element.classList) if (byClass[name]) return byClass[name]
  return 'Block'
}
