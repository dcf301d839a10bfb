import type { Node } from 'prosemirror-model'
import { blocks, filled } from './read'
import { linkAttrs } from './readInline'
import { schema } from './schema'

/** A block that its class names, or null. */
export function boxByClass(element: Element): Node | null {
  for (const name of element.classList) {
    const read = readers[`${element.localName}.${name}`]
    if (read) return read(element)
  }
  return null
}

/** Another item, as a block that lists items names it. */
export interface ItemRef {
  href: string
  label: string
}

const readers: Record<string, (e: Element) => Node> = {
  'div.columns': (e) => schema.node('columns', null, [...e.children].map(column)),
  'div.text-columns': (e) => {
    const style = (e as HTMLElement).style
    const attrs = { count: Number(style.columnCount) || 2, gap: Number.parseInt(style.columnGap, 10) || 0 }
    return schema.node('text_columns', attrs, filled(blocks(e)))
  },
  'div.fold': () => schema.node('fold'),
  'div.jump-target': (e) => schema.node('jump_target', { anchor: e.id }),
  'div.item-list': (e) => {
    const data = (e as HTMLElement).dataset
    const latest = data.count !== undefined
    const attrs = { section: data.section ?? '', topic: data.topic ?? '', count: Number(data.count ?? 5) }
    return schema.node('item_list', { title: listTitle(e), ...attrs, items: latest ? null : references(e) })
  },
  'div.related-items': (e) => schema.node('related_items', { title: listTitle(e), items: references(e) }),
  'div.html': (e) => schema.node('html', { html: e.innerHTML }),
  'p.prompt': prompt,
  'h1.prompt': prompt,
  'h2.prompt': prompt,
  'h3.prompt': prompt,
  'h4.prompt': prompt,
  'h5.prompt': prompt,
  'h6.prompt': prompt,
  'p.download': (e) => {
    const a = e.querySelector('a')
    return schema.node('download', { asset: a?.getAttribute('href') ?? '', label: a?.textContent ?? '' })
  },
  'p.button': (e) => {
    const a = e.querySelector('a')
    return schema.node('button_link', { ...(a ? linkAttrs(a) : { href: '' }), label: a?.textContent ?? '' })
  },
}

function prompt(element: Element): Node {
  const level = Number(element.localName.slice(1)) || 0
  return schema.node('prompt', { level, text: element.textContent ?? '' })
}

function column(element: Element): Node {
  const share = Number((element as HTMLElement).style.flexGrow) || 1
  return schema.node('column', { share }, filled(blocks(element)))
}

function listTitle(element: Element): string {
  return element.querySelector(':scope > p')?.textContent ?? ''
}

function references(element: Element): ItemRef[] {
  return [...element.querySelectorAll('a')].map((a) => ({
    href: a.getAttribute('href') ?? '',
    label: a.textContent ?? '',
  }))
}

export function readAside(aside: Element): Node {
  const kind = ['tip', 'warning'].find((k) => aside.classList.contains(k)) ?? 'note'
  return schema.node('callout', { kind }, filled(blocks(aside)))
}

/** One question of a contact form. */
export interface FormField {
  kind: string
  label: string
  required: boolean
  choices: string[]
}

export function readForm(form: Element): Node {
  const fields: FormField[] = [...form.querySelectorAll('label')].map((label) => {
    const control = label.querySelector('input, textarea, select')
    return {
      kind: control?.getAttribute('name')?.replace(/-\d+$/, '') ?? 'line',
      label: (label.firstChild?.textContent ?? '').replace(/ $/, ''),
      required: control?.hasAttribute('required') ?? false,
      choices: [...label.querySelectorAll('option:not([value])')].map((o) => o.textContent ?? ''),
    }
  })
  return schema.node('contact_form', { fields, button: form.querySelector('button')?.textContent ?? '' })
}
