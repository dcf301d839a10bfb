import type { Mark, Node } from 'prosemirror-model'

/** The stored HTML of the sheet's document: the same bytes the core writes for the same text. */
export function writeHtml(doc: Node): string {
  return children(doc).join('\n')
}

/** Whether a block is nothing to a reader; such a one is not stored. */
export function isVoid(node: Node): boolean {
  if (node.type.name !== 'paragraph' && node.type.name !== 'heading') return false
  let empty = true
  node.forEach((child) => {
    if (child.isText ? /[^ \t\n\r\f]/.test(child.text ?? '') : child.type.name !== 'line_break') empty = false
  })
  return empty
}

function children(node: Node): string[] {
  const out: string[] = []
  node.forEach((child) => {
    if (!isVoid(child)) out.push(block(child))
  })
  return out
}

function within(blocks: string[]): string {
  return blocks.length ? `\n${blocks.join('\n')}\n` : ''
}

function block(node: Node): string {
  const { attrs } = node
  switch (node.type.name) {
    case 'paragraph':
      return `<p${attribute('class', attrs.className)}>${inline(node)}</p>`
    case 'heading':
      return `<h${attrs.level}${attribute('id', attrs.anchor)}${attribute('class', attrs.className)}>${inline(node)}</h${attrs.level}>`
    case 'bulleted_list':
      return `<ul${attribute('class', attrs.className)}>${within(items(node))}</ul>`
    case 'numbered_list': {
      const start = attrs.start === 1 ? '' : attribute('start', String(attrs.start))
      const type = attrs.type === '1' ? '' : attribute('type', attrs.type)
      return `<ol${start}${type}>${within(items(node))}</ol>`
    }
    case 'quote':
      return quote(node)
    case 'picture':
      return picture(node)
    case 'divider':
      return '<hr>'
    default:
      return attrs.html
  }
}

function items(list: Node): string[] {
  const out: string[] = []
  list.forEach((item) => {
    out.push(`<li>${itemContent(item)}</li>`)
  })
  return out
}

function itemContent(item: Node): string {
  const real: Node[] = []
  item.forEach((child) => {
    if (!isVoid(child)) real.push(child)
  })
  const [first, ...rest] = real
  const bare = first?.type.name === 'paragraph' && !first.attrs.className
  if (bare && rest.every((n) => n.type.name.endsWith('_list'))) return inline(first) + within(rest.map(block))
  return within(real.map(block))
}

function quote(node: Node): string {
  const kind = node.attrs.pull ? 'quote pull' : 'quote'
  const attribution = node.child(1)
  const by = isBlank(attribution) ? '' : `<figcaption>${inline(attribution)}</figcaption>`
  const body = within(children(node.child(0)))
  return `<figure class="${kind}"><blockquote${attribute('cite', node.attrs.cite)}>${body}</blockquote>${by}</figure>`
}

function isBlank(node: Node): boolean {
  return !node.textContent.trim()
}

function picture(node: Node): string {
  const { src, alt, className, width, credit, link } = node.attrs
  const classes = className ? `picture ${className}` : 'picture'
  const style = width ? attribute('style', `width: ${width}`) : ''
  const image = `<img${attribute('src', src)}${alt === null ? '' : ` alt="${escapeAttribute(alt)}"`}>`
  const linked = link ? `${openLink(link)}${image}</a>` : image
  const words = inline(node)
  const by = credit ? `<small>${escapeText(credit)}</small>` : ''
  const caption = words || by ? `<figcaption>${[words, by].filter(Boolean).join(' ')}</figcaption>` : ''
  return `<figure class="${classes}"${style}>${linked}${caption}</figure>`
}

function openLink(link: { href: string; title: string; newTab: boolean }): string {
  const tab = link.newTab ? ' target="_blank" rel="noopener"' : ''
  return `<a${attribute('href', link.href)}${attribute('title', link.title)}${tab}>`
}

/** Running text; an element stays open as long as the runs that follow share it. */
function inline(node: Node): string {
  let out = ''
  let open: Mark[] = []
  const close = (to: number) => {
    for (const mark of open.slice(to).reverse()) out += `</${tags[mark.type.name]}>`
    open = open.slice(0, to)
  }
  node.forEach((child) => {
    const wanted = [...child.marks]
    let shared = 0
    while (shared < open.length && shared < wanted.length && open[shared].eq(wanted[shared])) shared++
    close(shared)
    for (const mark of wanted.slice(shared)) out += openMark(mark)
    open = wanted
    out += child.isText ? escapeText(child.text ?? '') : '<br>'
  })
  close(0)
  return out
}

const tags: Record<string, string> = {
  link: 'a',
  merge_field: 'data',
  language: 'span',
  abbreviation: 'abbr',
  style: 'span',
  font: 'span',
  size: 'span',
  colour: 'span',
  highlight: 'mark',
  strong: 'strong',
  emphasis: 'em',
  underline: 'u',
  strikethrough: 's',
  superscript: 'sup',
  subscript: 'sub',
  code: 'code',
}

function openMark(mark: Mark): string {
  const { value } = mark.attrs
  switch (mark.type.name) {
    case 'link':
      return openLink(mark.attrs as { href: string; title: string; newTab: boolean })
    case 'merge_field':
      return `<data${attribute('value', value)}>`
    case 'language':
      return `<span${attribute('lang', value)}>`
    case 'abbreviation':
      return `<abbr${attribute('title', value)}>`
    case 'style':
      return `<span class="style-${value}">`
    case 'font':
      return `<span${attribute('style', `font-family: ${value}`)}>`
    case 'size':
      return `<span${attribute('style', `font-size: ${value}`)}>`
    case 'colour':
      return `<span${attribute('style', `color: ${value}`)}>`
    case 'highlight':
      return value ? `<mark${attribute('style', `background-color: ${value}`)}>` : '<mark>'
    default:
      return `<${tags[mark.type.name]}>`
  }
}

function attribute(name: string, value: string): string {
  return value ? ` ${name}="${escapeAttribute(value)}"` : ''
}

function escapeText(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('\u00a0', '&nbsp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;')
}

function escapeAttribute(text: string): string {
  return escapeText(text).replaceAll('"', '&quot;')
}
