import { attribute, escapeText, openLink } from '../base/html'
import { linkAttrs } from '../base/read'
import type { LinkAttrs } from '../base/refs'
import { ButtonForm, DownloadForm } from '../panels/LinkForms'
import { boxView, deadLink, element } from '../views/box'
import { box } from './box'
import type { BlockSpec } from './spec'

export const download: BlockSpec = {
  name: 'File download',
  words: (node) => node.attrs.label,
  sign: 'M7 1v8M4 6l3 3 3-3M2 12h10',
  schema: box({ asset: {}, label: {} }),
  tags: ['p.download'],
  read: (e, { schema }) => {
    const a = e.querySelector('a')
    return schema.node('download', { asset: a?.getAttribute('href') ?? '', label: a?.textContent ?? '' })
  },
  write: ({ attrs }) =>
    `<p class="download"><a${attribute('href', attrs.asset)} download="">${escapeText(attrs.label)}</a></p>`,
  view: boxView(({ label, asset }) => {
    const p = element('p', '', 'download')
    p.append(deadLink(label || 'Without words'), ` (${asset.split('.').at(-1)?.toUpperCase()}, with its size)`)
    return [p]
  }),
  panel: DownloadForm,
  whole: true,
  inserts: [
    {
      id: 'download',
      name: 'File download',
      about: 'A file, with its kind and size',
      family: 'media',
      words: 'document attachment',
      ask: 'download',
    },
  ],
}

export const buttonLink: BlockSpec = {
  name: 'Button link',
  words: (node) => node.attrs.label,
  sign: 'M1 4h12v6H1zM4 7h6',
  schema: box({ href: {}, title: { default: '' }, newTab: { default: false }, label: {} }),
  tags: ['p.button'],
  read: (e, { schema }) => {
    const a = e.querySelector('a')
    return schema.node('button_link', { ...(a ? linkAttrs(a) : { href: '' }), label: a?.textContent ?? '' })
  },
  write: ({ attrs }) =>
    `<p class="button">${openLink(attrs as unknown as LinkAttrs)}${escapeText(attrs.label)}</a></p>`,
  view: boxView(({ label }) => {
    const p = element('p', '', 'button')
    p.append(deadLink(label || 'Without words'))
    return [p]
  }),
  panel: ButtonForm,
  whole: true,
  inserts: [
    {
      id: 'button',
      name: 'Button link',
      about: 'A link that stands out',
      family: 'site',
      keys: 'Mod-Alt-b',
      words: 'call to action',
      ask: 'button',
    },
  ],
}
