import type { Node } from 'prosemirror-model'
import { blocks, filled } from './read'
import { inlines, linkAttrs } from './readInline'
import { schema } from './schema'

/** A figure: a quote, a picture or gallery, a player. */
export function readFigure(figure: Element): Node {
  const is = (name: string) => figure.classList.contains(name)
  if (is('quote')) return quote(figure)
  if (is('gallery')) return gallery(figure)
  if (is('embed')) return embed(figure)
  if (is('audio')) return audio(figure)
  if (is('video')) return video(figure)
  return picture(figure)
}

function captionOf(figure: Element): Element | null {
  return figure.querySelector(':scope > figcaption')
}

function caption(figure: Element): Node[] {
  return inlines(captionOf(figure)?.childNodes ?? [])
}

function styleOf(element: Element, property: string): string {
  const style = element.getAttribute('style') ?? ''
  return style.match(new RegExp(`(?:^|; )${property}: ([^;]+)`))?.[1] ?? ''
}

function quote(figure: Element): Node {
  const inner = figure.querySelector(':scope > blockquote')
  const attrs = { pull: figure.classList.contains('pull'), cite: inner?.getAttribute('cite') ?? '' }
  const attribution = schema.node('attribution', null, caption(figure))
  const quoted = schema.node('quoted', null, filled(inner ? blocks(inner) : []))
  return schema.node('quote', attrs, [quoted, attribution])
}

function picture(figure: Element): Node {
  const img = figure.querySelector('img')
  const a = figure.querySelector(':scope > a')
  const words = captionOf(figure)
  const credit = words?.querySelector(':scope > small:last-child')
  const attrs = {
    src: img?.getAttribute('src') ?? '',
    alt: img?.getAttribute('alt') ?? null,
    side: figure.className.replace('picture', '').trim(),
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

function gallery(figure: Element): Node {
  const columns = Number(figure.className.match(/columns-(\d)/)?.[1] ?? 3)
  const pictures = [...figure.querySelectorAll(':scope > figure')].map(picture)
  return schema.node('gallery', { columns }, [...pictures, schema.node('gallery_caption', null, caption(figure))])
}

function embed(figure: Element): Node {
  const a = figure.querySelector(':scope > a')
  const attrs = {
    address: a?.getAttribute('href') ?? '',
    title: a?.textContent ?? '',
    width: styleOf(figure, 'width'),
    shape: styleOf(figure, 'aspect-ratio'),
  }
  return schema.node('embed', attrs, caption(figure))
}

function player(media: Element | null) {
  const track = media?.querySelector('track')
  return {
    src: media?.getAttribute('src') ?? '',
    title: media?.querySelector('a')?.textContent ?? '',
    captions: track && { src: track.getAttribute('src') ?? '', language: track.getAttribute('srclang') ?? '' },
  }
}

function audio(figure: Element): Node {
  return schema.node('audio', player(figure.querySelector('audio')), caption(figure))
}

function video(figure: Element): Node {
  const media = figure.querySelector('video')
  const attrs = { ...player(media), poster: media?.getAttribute('poster') ?? '', width: styleOf(figure, 'width') }
  return schema.node('video', attrs, caption(figure))
}
