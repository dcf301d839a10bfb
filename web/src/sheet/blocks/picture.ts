import type { Node } from 'prosemirror-model'
import { attribute, escapeAttribute, escapeText, inline, openLink } from '../base/html'
import { linkAttrs } from '../base/read'
import { PictureForm } from '../panels/PictureForm'
import { PictureView } from '../views/picture'
import { captioned, captionOf, figcaption, styleOf } from './figure'
import type { BlockSpec, Reading } from './spec'

/** The figure of one picture, alone or in a gallery. */
export function readPicture(figure: Element, { schema, inlines }: Reading): Node {
  const img = figure.querySelector('img')
  const a = figure.querySelector(':scope > a')
  const words = captionOf(figure)
  const credit = words?.querySelector(':scope > small:last-child')
  const attrs = {
    src: img?.getAttribute('src') ?? '',
    alt: img?.getAttribute('alt') ?? null,
    side: [...figure.classList].find((c) => c !== 'picture' && c !== 'pending') ?? '',
    pending: figure.classList.contains('pending'),
    width: styleOf(figure, 'width'),
    credit: credit?.textContent ?? '',
    link: a ? linkAttrs(a) : null,
  }
  const content = inlines([...(words?.childNodes ?? [])].filter((n) => n !== credit))
  const last = content.at(-1)
  if (credit && last?.text?.endsWith(' ')) {
    const shorter = last.text.slice(0, -1)
    content.pop()
    if (shorter) content.push(schema.text(shorter, last.marks))
  }
  return schema.node('picture', attrs, content)
}

/** One picture as it is stored, alone or in a gallery. */
export function writePicture(node: Node): string {
  const { src, alt, side, width, credit, link, pending } = node.attrs
  const style = width ? attribute('style', `width: ${width}`) : ''
  const image = `<img${attribute('src', src)}${alt === null ? '' : ` alt="${escapeAttribute(alt)}"`}>`
  const linked = link ? `${openLink(link)}${image}</a>` : image
  const by = credit ? `<small>${escapeText(credit)}</small>` : ''
  const words = [inline(node), by].filter(Boolean).join(' ')
  const name = ['picture', pending && 'pending', side].filter(Boolean).join(' ')
  return `<figure class="${name}"${style}>${linked}${figcaption(words)}</figure>`
}

export const picture: BlockSpec = {
  name: 'Picture',
  words: (node) => node.textContent.trim() || node.attrs.alt || '',
  sign: 'M1 2h12v10H1zM1 10l4-4 3 3 2-2 3 3',
  schema: captioned({
    src: {},
    // null: nobody has said yet what it shows; empty: decorative
    alt: { default: null },
    side: { default: '' },
    width: { default: '' },
    credit: { default: '' },
    link: { default: null },
    // on another site, and nobody has decided yet that it may stay there
    pending: { default: false },
  }),
  tags: ['figure.picture', 'figure'],
  read: readPicture,
  write: writePicture,
  view: (node, view, getPos, host) => new PictureView(node, view, getPos, host),
  panel: PictureForm,
  whole: true,
  inserts: [
    {
      id: 'picture',
      name: 'Picture',
      about: 'One of the site’s pictures, with a caption',
      family: 'media',
      keys: 'Mod-Shift-p',
      words: 'image photo asset',
      ask: 'picture',
    },
  ],
}
