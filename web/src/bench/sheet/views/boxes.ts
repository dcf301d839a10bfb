import type { Node } from 'prosemirror-model'
import type { NodeView } from 'prosemirror-view'
import type { ItemRef } from '../model/readBoxes'
import { contactForm } from '../model/writeBoxes'

/** A block with nothing to write in: shown much as readers see it, and picked as a whole. */
export class BoxView implements NodeView {
  readonly dom = document.createElement('div')

  constructor(
    private node: Node,
    private readonly latest: Latest,
  ) {
    this.dom.contentEditable = 'false'
    this.show()
  }

  private show() {
    const name = this.node.type.name
    this.dom.className = `box ${name.replaceAll('_', '-')}`
    this.dom.replaceChildren(...(faces[name]?.(this.node.attrs, this.latest) ?? []))
  }

  update(node: Node): boolean {
    if (node.type !== this.node.type) return false
    this.node = node
    this.show()
    return true
  }

  selectNode() {
    this.dom.classList.add('is-picked')
  }

  deselectNode() {
    this.dom.classList.remove('is-picked')
  }

  stopEvent(event: Event): boolean {
    // A link or field shown here leads nowhere while one writes.
    if (event.type === 'click') event.preventDefault()
    return false
  }

  ignoreMutation(): boolean {
    return true
  }
}

type Latest = (section: string, topic: string, count: number) => Promise<string[]>

// biome-ignore lint/suspicious/noExplicitAny: each face knows the attributes of its own block
type Face = (attrs: any, latest: Latest) => HTMLElement[]

const faces: Record<string, Face> = {
  fold: () => [element('span', 'Section pages show the text down to here', 'box-sign')],
  jump_target: ({ anchor }) => [element('span', `Jump target: ${anchor}`, 'box-sign')],
  download: ({ label, asset }) => {
    const p = element('p', '', 'download')
    p.append(anchor(label || 'Without words'), ` (${asset.split('.').at(-1)?.toUpperCase()}, with its size)`)
    return [p]
  },
  button_link: ({ label }) => {
    const p = element('p', '', 'button')
    p.append(anchor(label || 'Without words'))
    return [p]
  },
  item_list: ({ title, section, topic, count, items }, latest) => {
    if (items) return listing(title, items)
    const box = element('ul', '')
    box.append(element('li', 'Fetching the latest …'))
    latest(section, topic, count).then((titles) => {
      const rows = titles.map((t) => element('li', t))
      box.replaceChildren(...(rows.length ? rows : [element('li', 'Nothing is live here yet.')]))
    })
    return [...heading(title), box]
  },
  related_items: ({ title, items }) => listing(title, items),
  contact_form: (attrs) => {
    const made = new DOMParser().parseFromString(contactForm({ attrs } as Node), 'text/html').querySelector('form')
    const box = element('div', '', 'contact-form')
    box.inert = true
    box.append(...(made?.children ?? []))
    return [box]
  },
  html: ({ html }) => [frameOf(html)],
}

function element(tag: string, text: string, className = ''): HTMLElement {
  const made = document.createElement(tag)
  made.textContent = text
  made.className = className
  return made
}

function anchor(text: string): HTMLElement {
  const made = element('a', text) as HTMLAnchorElement
  made.href = '#'
  made.tabIndex = -1
  return made
}

function heading(title: string): HTMLElement[] {
  return title ? [element('p', title)] : []
}

function listing(title: string, items: ItemRef[]): HTMLElement[] {
  const ul = element('ul', '')
  for (const item of items) {
    const li = element('li', '')
    li.append(anchor(item.label))
    ul.append(li)
  }
  return [...heading(title), items.length ? ul : element('p', 'No items picked yet.')]
}

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
