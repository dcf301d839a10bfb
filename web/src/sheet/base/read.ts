import type { Mark, Node, Schema } from 'prosemirror-model'
import { fieldOf } from './mergeField'
import type { LinkAttrs } from './refs'

/** Running text of stored HTML. */
export function inlines(schema: Schema, nodes: Iterable<ChildNode>, marks: readonly Mark[] = []): Node[] {
  const out: Node[] = []
  for (const node of nodes) {
    if (node instanceof Text) {
      // Line feeds only lay the markup out: beside blocks, and where a block follows bare text.
      const text = node.data.replace(/^\n+|\n+$/g, '')
      const isField = marks.some((m) => m.type.name === 'merge_field')
      if (text) out.push(isField ? fieldOf(schema, text, marks) : schema.text(text, marks))
    } else if (node instanceof Element) {
      if (node.localName === 'br') out.push(schema.node('line_break', null, [], marks))
      else out.push(...inlines(schema, node.childNodes, mark(schema, node).addToSet(marks)))
    }
  }
  return out
}

/** What a link says of itself. */
export function linkAttrs(a: Element): LinkAttrs {
  return {
    href: a.getAttribute('href') ?? '',
    title: a.getAttribute('title') ?? '',
    newTab: a.getAttribute('target') === '_blank',
  }
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

function mark(schema: Schema, element: Element): Mark {
  const name = element.localName
  if (name === 'a') return schema.mark('link', { ...linkAttrs(element) })
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
