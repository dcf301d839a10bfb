import { attribute, escapeText, inline } from '../base/html'
import { EmbedForm } from '../panels/MediaForms'
import { EmbedView } from '../views/players'
import { captioned, captionText, figcaption, styleOf } from './figure'
import type { BlockSpec } from './spec'

export const embed: BlockSpec = {
  name: 'Embed',
  words: (node) => node.attrs.title || node.textContent.trim(),
  sign: 'M1 2h12v10H1zM5.500 4.500l4 2.500-4 2.500z',
  schema: captioned({ address: {}, title: {}, width: { default: '100%' }, shape: { default: '16 / 9' } }),
  tags: ['figure.embed'],
  read: (figure, reading) => {
    const a = figure.querySelector(':scope > a')
    const attrs = {
      address: a?.getAttribute('href') ?? '',
      title: a?.textContent ?? '',
      width: styleOf(figure, 'width'),
      shape: styleOf(figure, 'aspect-ratio'),
    }
    return reading.schema.node('embed', attrs, captionText(figure, reading))
  },
  write: (node) => {
    const { address, title, width, shape } = node.attrs
    const style = `${width ? `width: ${width}; ` : ''}aspect-ratio: ${shape}`
    const link = `<a${attribute('href', address)}>${escapeText(title)}</a>`
    return `<figure class="embed" style="${style}">${link}${figcaption(inline(node))}</figure>`
  },
  view: (node, _view, _getPos, { sources }) => new EmbedView(node, sources.frameOf),
  panel: EmbedForm,
  whole: true,
  inserts: [
    {
      id: 'embed',
      name: 'Embed',
      about: 'A player or page of another host',
      family: 'media',
      keys: 'Mod-Alt-v',
      words: 'video player frame iframe address',
      ask: 'embed',
    },
  ],
}
