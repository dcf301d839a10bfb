import type { Node } from 'prosemirror-model'
import { buttonLink, contactForm, download, itemList, relatedItems } from './writeBoxes'
import { attribute, escapeText, inline } from './writeInline'
import { audio, embed, gallery, picture, video } from './writeMedia'
import { writeTable } from './writeTable'

/** The stored HTML of the sheet's document: the same bytes the core writes for the same text. */
export function writeHtml(doc: Node): string {
  return children(doc).join('\n')
}

/** Whether a block is nothing to a reader; such a one is not stored. */
export function isVoid(node: Node): boolean {
  if (node.type.name !== 'paragraph' && node.type.name !== 'heading') return false
  for (let i = 0; i < node.childCount; i++) {
    const child = node.child(i)
    if (child.isText ? /[^ \t\n\r\f]/.test(child.text ?? '') : child.type.name !== 'line_break') return false
  }
  return true
}

function children(node: Node): string[] {
  const out: string[] = []
  node.forEach((child) => {
    if (!isVoid(child)) out.push(writeBlock(child))
  })
  return out
}

function within(blocks: string[]): string {
  return blocks.length ? `\n${blocks.join('\n')}\n` : ''
}

const writers: Record<string, (node: Node) => string> = {
  paragraph: (node) => `<p${attribute('class', node.attrs.className)}>${inline(node)}</p>`,
  heading: (node) => {
    const { level, anchor, className } = node.attrs
    return `<h${level}${attribute('id', anchor)}${attribute('class', className)}>${inline(node)}</h${level}>`
  },
  bulleted_list: (node) => `<ul${attribute('class', node.attrs.className)}>${within(items(node))}</ul>`,
  numbered_list: (node) => {
    const start = node.attrs.start === 1 ? '' : attribute('start', String(node.attrs.start))
    const type = node.attrs.type === '1' ? '' : attribute('type', node.attrs.type)
    return `<ol${start}${type}>${within(items(node))}</ol>`
  },
  quote: (node) => {
    const kind = node.attrs.pull ? 'quote pull' : 'quote'
    const by = node.child(1).textContent.trim() ? `<figcaption>${inline(node.child(1))}</figcaption>` : ''
    const body = within(children(node.child(0)))
    return `<figure class="${kind}"><blockquote${attribute('cite', node.attrs.cite)}>${body}</blockquote>${by}</figure>`
  },
  code_block: (node) => {
    const language = node.attrs.language ? attribute('class', `language-${node.attrs.language}`) : ''
    return `<pre><code${language}>${escapeText(node.textContent)}</code></pre>`
  },
  prompt: (node) => {
    const name = node.attrs.level ? `h${node.attrs.level}` : 'p'
    return `<${name} class="prompt">${escapeText(node.attrs.text)}</${name}>`
  },
  divider: () => '<hr>',
  picture,
  gallery,
  embed,
  audio,
  video,
  table_block: (node) => writeTable(node, cellContent),
  columns: (node) => `<div class="columns">${within(node.children.map(column))}</div>`,
  text_columns: (node) => {
    const style = `column-count: ${node.attrs.count}; column-gap: ${node.attrs.gap}px`
    return `<div class="text-columns" style="${style}">${within(children(node))}</div>`
  },
  callout: (node) => `<aside class="callout ${node.attrs.kind}">${within(children(node))}</aside>`,
  fold: () => '<div class="fold" hidden=""></div>',
  jump_target: (node) => `<div id="${node.attrs.anchor}" class="jump-target"></div>`,
  download,
  button_link: buttonLink,
  item_list: itemList,
  related_items: relatedItems,
  contact_form: contactForm,
  html: (node) => `<div class="html">${node.attrs.html}</div>`,
}

/** The stored HTML of one block. */
export function writeBlock(node: Node): string {
  // A node never changes, so what was written of it once is true for as long as it stands.
  let html = written.get(node)
  if (html === undefined) {
    html = writers[node.type.name](node)
    written.set(node, html)
  }
  return html
}

const written = new WeakMap<Node, string>()

function items(list: Node): string[] {
  return list.children.map((item) => `<li>${itemContent(item)}</li>`)
}

function stored(parent: Node): Node[] {
  return parent.children.filter((child) => !isVoid(child))
}

function isBare(node: Node | undefined): boolean {
  return node?.type.name === 'paragraph' && !node.attrs.className
}

function itemContent(item: Node): string {
  const [first, ...rest] = stored(item)
  if (isBare(first) && rest.every((n) => n.type.name.endsWith('_list'))) {
    return inline(first) + within(rest.map(writeBlock))
  }
  return within(children(item))
}

function cellContent(cell: Node): string {
  const [first, ...rest] = stored(cell)
  return isBare(first) && !rest.length ? inline(first) : within(children(cell))
}

function column(node: Node): string {
  const share = node.attrs.share === 1 ? '' : ` style="flex-grow: ${node.attrs.share}"`
  return `<div class="column"${share}>${within(children(node))}</div>`
}
