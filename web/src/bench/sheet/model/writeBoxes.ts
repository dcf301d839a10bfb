import type { Node } from 'prosemirror-model'
import type { FormField, ItemRef } from './readBoxes'
import type { LinkAttrs } from './readInline'
import { attribute, escapeText, openLink } from './writeInline'

export function download({ attrs }: Node): string {
  return `<p class="download"><a${attribute('href', attrs.asset)} download="">${escapeText(attrs.label)}</a></p>`
}

export function buttonLink({ attrs }: Node): string {
  return `<p class="button">${openLink(attrs as unknown as LinkAttrs)}${escapeText(attrs.label)}</a></p>`
}

export function itemList({ attrs }: Node): string {
  const { title, section, topic, count, items } = attrs
  if (items) return `<div class="item-list">${titled(title, items)}</div>`
  const source = `${attribute('data-section', section)}${attribute('data-topic', topic)} data-count="${count}"`
  return `<div class="item-list"${source}>${titled(title, [])}</div>`
}

export function relatedItems({ attrs }: Node): string {
  return `<div class="related-items">${titled(attrs.title, attrs.items)}</div>`
}

function titled(title: string, items: ItemRef[]): string {
  const rows = items.map((i) => `<li><a${attribute('href', i.href)}>${escapeText(i.label)}</a></li>`)
  const lines = [title && `<p>${escapeText(title)}</p>`, rows.length && `<ul>\n${rows.join('\n')}\n</ul>`].filter(
    Boolean,
  )
  return lines.length ? `\n${lines.join('\n')}\n` : ''
}

const inputs: Record<string, string> = {
  name: 'type="text" name="$" autocomplete="name"',
  email: 'type="email" name="$" autocomplete="email"',
  phone: 'type="tel" name="$" autocomplete="tel"',
  line: 'type="text" name="$"',
  agreement: 'type="checkbox" name="$"',
}

export function contactForm({ attrs }: Node): string {
  const lines = (attrs.fields as FormField[]).map(
    (field, i) => `<p><label>${escapeText(field.label)} ${control(field, `${field.kind}-${i + 1}`)}</label></p>\n`,
  )
  const button = `<p><button>${escapeText(attrs.button)}</button></p>`
  return `<form class="contact-form" method="post">\n${lines.join('')}${button}\n</form>`
}

function control(field: FormField, name: string): string {
  const required = field.required ? ' required=""' : ''
  if (field.kind === 'message') return `<textarea name="${name}"${required}></textarea>`
  if (field.kind === 'choice') {
    const choices = field.choices.map((c) => `<option>${escapeText(c)}</option>`).join('')
    return `<select name="${name}"${required}><option value=""></option>${choices}</select>`
  }
  return `<input ${inputs[field.kind].replace('$', name)}${required}>`
}
