import type { Mark, Node } from 'prosemirror-model'
import { storedMarks } from './mergeField'
import type { LinkAttrs } from './refs'

/** Running text; an element stays open as long as the runs that follow share it. */
export function inline(node: Node): string {
  let out = ''
  let open: Mark[] = []
  const close = (to: number) => {
    for (const mark of open.slice(to).reverse()) out += `</${tags[mark.type.name]}>`
    open = open.slice(0, to)
  }
  node.forEach((child) => {
    const wanted = [...storedMarks(child)]
    let shared = 0
    while (shared < open.length && shared < wanted.length && open[shared].eq(wanted[shared])) shared++
    close(shared)
    for (const mark of wanted.slice(shared)) out += openMark(mark)
    open = wanted
    out += child.type.name === 'line_break' ? '<br>' : escapeText(child.isText ? (child.text ?? '') : child.attrs.words)
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
      return openLink(mark.attrs as LinkAttrs)
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

/** The start tag of a link, with its attributes in the order of the format. */
export function openLink(link: LinkAttrs): string {
  const tab = link.newTab ? ' target="_blank" rel="noopener"' : ''
  return `<a${attribute('href', link.href)}${attribute('title', link.title)}${tab}>`
}

/** An attribute with a space before it, or nothing where it has no value. */
export function attribute(name: string, value: string): string {
  return value ? ` ${name}="${escapeAttribute(value)}"` : ''
}

/** Characters of a text as they stand in markup. */
export function escapeText(text: string): string {
  return text.replaceAll('&', '&amp;').replaceAll('\u00a0', '&nbsp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;')
}

/** Characters of a text as they stand in the value of an attribute. */
export function escapeAttribute(text: string): string {
  return escapeText(text).replaceAll('"', '&quot;')
}
