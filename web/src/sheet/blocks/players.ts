import type { Node } from 'prosemirror-model'
import { attribute, escapeText, inline } from '../base/html'
import { PlayerForm } from '../panels/MediaForms'
import { PlayerView } from '../views/players'
import { captioned, captionText, figcaption, styleOf } from './figure'
import type { BlockSpec } from './spec'

function player(media: Element | null) {
  const track = media?.querySelector('track')
  return {
    src: media?.getAttribute('src') ?? '',
    title: media?.querySelector('a')?.textContent ?? '',
    captions: track && { src: track.getAttribute('src') ?? '', language: track.getAttribute('srclang') ?? '' },
  }
}

/** The inside of a player: the captions, and a link for readers whose software cannot play it. */
function inside(node: Node): string {
  const { src, title, captions } = node.attrs
  const track = captions
    ? `<track kind="captions"${attribute('src', captions.src)}${attribute('srclang', captions.language)}>`
    : ''
  return ` controls="" preload="metadata">${track}<a${attribute('href', src)}>${escapeText(title)}</a>`
}

const words = (node: Node) => node.attrs.title || node.textContent.trim()

export const video: BlockSpec = {
  name: 'Video',
  words,
  sign: 'M1 3h8v8H1zM9 6l4-2v6l-4-2',
  schema: captioned({
    src: {},
    title: {},
    poster: { default: '' },
    captions: { default: null },
    width: { default: '' },
  }),
  tags: ['figure.video'],
  read: (figure, reading) => {
    const media = figure.querySelector('video')
    const attrs = { ...player(media), poster: media?.getAttribute('poster') ?? '', width: styleOf(figure, 'width') }
    return reading.schema.node('video', attrs, captionText(figure, reading))
  },
  write: (node) => {
    const { src, poster, width } = node.attrs
    const style = width ? attribute('style', `width: ${width}`) : ''
    const media = `<video${attribute('src', src)}${attribute('poster', poster)}${inside(node)}</video>`
    return `<figure class="video"${style}>${media}${figcaption(inline(node))}</figure>`
  },
  view: (node) => new PlayerView(node),
  panel: PlayerForm,
  whole: true,
  inserts: [
    {
      id: 'video',
      name: 'Video',
      about: 'A film of the site, with its player',
      family: 'media',
      words: 'film movie player',
      ask: 'video',
    },
  ],
}

export const audio: BlockSpec = {
  name: 'Audio',
  words,
  sign: 'M2 5h2l4-3v10L4 9H2zM10 5q2 2 0 4',
  schema: captioned({ src: {}, title: {}, captions: { default: null } }),
  tags: ['figure.audio'],
  read: (figure, reading) =>
    reading.schema.node('audio', player(figure.querySelector('audio')), captionText(figure, reading)),
  write: (node) =>
    `<figure class="audio"><audio${attribute('src', node.attrs.src)}${inside(node)}</audio>${figcaption(inline(node))}</figure>`,
  view: (node) => new PlayerView(node),
  panel: PlayerForm,
  whole: true,
  inserts: [
    {
      id: 'audio',
      name: 'Audio',
      about: 'A recording of the site, with its player',
      family: 'media',
      words: 'sound recording player',
      ask: 'audio',
    },
  ],
}
