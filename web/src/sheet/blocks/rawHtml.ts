import { HtmlForm } from '../panels/HtmlForm'
import { boxView } from '../views/box'
import { box } from './box'
import type { BlockSpec } from './spec'

/** A piece of HTML in a frame of its own, where nothing runs, as tall as what it shows. */
function frameOf(html: string): HTMLElement {
  const frame = document.createElement('iframe')
  frame.title = 'Raw HTML'
  frame.tabIndex = -1
  frame.setAttribute('sandbox', 'allow-same-origin')
  frame.srcdoc = `<link rel="stylesheet" href="/site/article.css"><body class="article" style="margin:0">${html}`
  frame.addEventListener('load', () => {
    frame.style.height = `${(frame.contentDocument?.documentElement.offsetHeight ?? 40) + 4}px`
  })
  return frame
}

export const rawHtml: BlockSpec = {
  name: 'Raw HTML',
  sign: 'M2 2h10v10H2zM2 6h10',
  schema: box({ html: {} }),
  tags: ['div.html'],
  read: (e, { schema }) => schema.node('html', { html: e.innerHTML }),
  write: (node) => `<div class="html">${node.attrs.html}</div>`,
  view: boxView(({ html }) => [frameOf(html)]),
  panel: HtmlForm,
  whole: true,
  inserts: [
    {
      id: 'html',
      name: 'Raw HTML',
      about: 'For what there is no block for',
      family: 'site',
      words: 'markup code',
      ask: 'html',
    },
  ],
}
