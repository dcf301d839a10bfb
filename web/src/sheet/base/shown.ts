import { hostOf } from './elsewhere'

/** Where the bytes of a picture or player are. */
export function mediaUrl(src: string): string {
  return src.startsWith('../assets/') ? `/media/${src.slice('../assets/'.length)}` : src
}

/**
 * A stored text only to be looked at, built apart from the page: pictures are shown but for those nobody has decided
 * about, and nothing can be followed or sent. The core wrote it, in its canonical form, in which no script is possible.
 */
export function asShown(html: string): string {
  const body = new DOMParser().parseFromString(html, 'text/html').body
  for (const img of body.querySelectorAll('img')) {
    const src = img.getAttribute('src') ?? ''
    if (img.closest('figure.pending')) img.replaceWith(`A picture on ${hostOf(src)}, not loaded`)
    else img.setAttribute('src', mediaUrl(src))
  }
  for (const a of body.querySelectorAll('a')) a.removeAttribute('href')
  for (const form of body.querySelectorAll('form')) form.inert = true
  return body.innerHTML
}
