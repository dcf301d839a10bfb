import { attribute, escapeText } from '../base/html'
import type { ItemRef } from '../base/refs'
import { ItemListForm, RelatedForm } from '../panels/ItemForms'
import { boxView, element, pickedItems, titledList } from '../views/box'
import { box } from './box'
import type { BlockSpec } from './spec'

function titleOf(element: Element): string {
  return element.querySelector(':scope > p')?.textContent ?? ''
}

function references(element: Element): ItemRef[] {
  return [...element.querySelectorAll('a')].map((a) => ({
    href: a.getAttribute('href') ?? '',
    label: a.textContent ?? '',
  }))
}

function titled(title: string, items: ItemRef[]): string {
  const rows = items.map((i) => `<li><a${attribute('href', i.href)}>${escapeText(i.label)}</a></li>`)
  const lines = [title && `<p>${escapeText(title)}</p>`, rows.length && `<ul>\n${rows.join('\n')}\n</ul>`]
  const kept = lines.filter(Boolean)
  return kept.length ? `\n${kept.join('\n')}\n` : ''
}

export const itemList: BlockSpec = {
  name: 'Item list',
  words: (node) => node.attrs.title,
  sign: 'M2 2h10v10H2zM2 6h10',
  // `items` is null for the latest items of a section or topic.
  schema: box({ title: {}, section: { default: '' }, topic: { default: '' }, count: { default: 5 }, items: {} }),
  tags: ['div.item-list'],
  read: (e, { schema }) => {
    const data = (e as HTMLElement).dataset
    const latest = data.count !== undefined
    const attrs = { section: data.section ?? '', topic: data.topic ?? '', count: Number(data.count ?? 5) }
    return schema.node('item_list', { title: titleOf(e), ...attrs, items: latest ? null : references(e) })
  },
  write: ({ attrs }) => {
    const { title, section, topic, count, items } = attrs
    if (items) return `<div class="item-list">${titled(title, items)}</div>`
    const source = `${attribute('data-section', section)}${attribute('data-topic', topic)} data-count="${count}"`
    return `<div class="item-list"${source}>${titled(title, [])}</div>`
  },
  view: boxView(({ title, section, topic, count, items }, { sources }) => {
    if (items) return pickedItems(title, items)
    const list = element('ul', '')
    list.append(element('li', 'Fetching the latest …'))
    sources
      .latest(section, topic, count)
      .then((titles) => {
        const rows = titles.map((t) => element('li', t))
        list.replaceChildren(...(rows.length ? rows : [element('li', 'Nothing is live here yet.')]))
      })
      .catch(() => list.replaceChildren(element('li', 'The latest items could not be fetched.')))
    return titledList(title, list)
  }),
  panel: ItemListForm,
  whole: true,
  inserts: [
    {
      id: 'item-list',
      name: 'Item list',
      about: 'The latest items, or some you pick',
      family: 'site',
      words: 'latest section topic',
      make: (schema) => schema.node('item_list', { title: 'Latest', items: null }),
    },
  ],
}

export const relatedItems: BlockSpec = {
  name: 'Related items',
  words: (node) => node.attrs.title,
  sign: 'M2 2h10v10H2zM2 6h10',
  schema: box({ title: {}, items: {} }),
  tags: ['div.related-items'],
  read: (e, { schema }) => schema.node('related_items', { title: titleOf(e), items: references(e) }),
  write: ({ attrs }) => `<div class="related-items">${titled(attrs.title, attrs.items)}</div>`,
  view: boxView(({ title, items }) => pickedItems(title, items)),
  panel: RelatedForm,
  whole: true,
  inserts: [
    {
      id: 'related-items',
      name: 'Related items',
      about: 'What to read next',
      family: 'site',
      words: 'read next',
      make: (schema) => schema.node('related_items', { title: 'Read next', items: [] }),
    },
  ],
}
