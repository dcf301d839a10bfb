import type { Node } from 'prosemirror-model'
import { attribute, escapeAttribute, escapeText, inline, openLink } from './writeInline'

function caption(words: string): string {
  return words ? `<figcaption>${words}</figcaption>` : ''
}

export function picture(node: Node): string {
  const { src, alt, side, width, credit, link } = node.attrs
  const style = width ? attribute('style', `width: ${width}`) : ''
  const image = `<img${attribute('src', src)}${alt === null ? '' : ` alt="${escapeAttribute(alt)}"`}>`
  const linked = link ? `${openLink(link)}${image}</a>` : image
  const by = credit ? `<small>${escapeText(credit)}</small>` : ''
  const words = [inline(node), by].filter(Boolean).join(' ')
  return `<figure class="${side ? `picture ${side}` : 'picture'}"${style}>${linked}${caption(words)}</figure>`
}

export function gallery(node: Node): string {
  const pictures = node.children.slice(0, -1).map(picture)
  const body = pictures.length ? `\n${pictures.join('\n')}\n` : ''
  const words = inline(node.child(node.childCount - 1))
  return `<figure class="gallery columns-${node.attrs.columns}">${body}${caption(words)}</figure>`
}

export function embed(node: Node): string {
  const { address, title, width, shape } = node.attrs
  const style = `${width ? `width: ${width}; ` : ''}aspect-ratio: ${shape}`
  const link = `<a${attribute('href', address)}>${escapeText(title)}</a>`
  return `<figure class="embed" style="${style}">${link}${caption(inline(node))}</figure>`
}

/** The inside of a player: the captions, and a link for readers whose software cannot play it. */
function inside(node: Node): string {
  const { src, title, captions } = node.attrs
  const track = captions
    ? `<track kind="captions"${attribute('src', captions.src)}${attribute('srclang', captions.language)}>`
    : ''
  return ` controls="" preload="metadata">${track}<a${attribute('href', src)}>${escapeText(title)}</a>`
}

export function audio(node: Node): string {
  return `<figure class="audio"><audio${attribute('src', node.attrs.src)}${inside(node)}</audio>${caption(inline(node))}</figure>`
}

export function video(node: Node): string {
  const { src, poster, width } = node.attrs
  const style = width ? attribute('style', `width: ${width}`) : ''
  const player = `<video${attribute('src', src)}${attribute('poster', poster)}${inside(node)}</video>`
  return `<figure class="video"${style}>${player}${caption(inline(node))}</figure>`
}
