import type { Node } from 'prosemirror-model'
import type { EditorView, NodeView } from 'prosemirror-view'
import type { SheetHost } from '../base/host'
import type { ItemRef } from '../base/refs'

/** What a block with nothing to write in looks like, made of its attributes. */
// biome-ignore lint/suspicious/noExplicitAny: each face knows the attributes of its own block
export type Face = (attrs: any, host: SheetHost) => HTMLElement[]

/** Calls back whenever what a face shows has changed otherwise than by the block; gives back how to end it. */
type Follow = (host: SheetHost, listener: () => void) => () => void

/** A block with nothing to write in: shown much as readers see it, and picked as a whole. */
class BoxView implements NodeView {
  readonly dom = document.createElement('div')
  private readonly end: (() => void) | undefined

  constructor(
    private node: Node,
    private readonly face: Face,
    private readonly host: SheetHost,
    follow?: Follow,
  ) {
    this.dom.contentEditable = 'false'
    this.show()
    this.end = follow?.(host, () => this.show())
  }

  destroy() {
    this.end?.()
  }

  private show() {
    const picked = this.dom.classList.contains('is-picked') ? ' is-picked' : ''
    this.dom.className = `box ${this.node.type.name.replaceAll('_', '-')}${picked}`
    this.dom.replaceChildren(...this.face(this.node.attrs, this.host))
  }

  update(node: Node): boolean {
    if (node.type !== this.node.type) return false
    const changed = node.attrs !== this.node.attrs
    this.node = node
    if (changed) this.show()
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

/** The view of a block by its face. */
export function boxView(face: Face, follow?: Follow) {
  return (node: Node, _view: EditorView, _getPos: () => number | undefined, host: SheetHost): NodeView =>
    new BoxView(node, face, host, follow)
}

/** An element with some words in it. */
export function element(tag: string, text: string, className = ''): HTMLElement {
  const made = document.createElement(tag)
  made.textContent = text
  made.className = className
  return made
}

/** A sign of something readers do not see as it stands here. */
export function sign(text: string): HTMLElement {
  return element('span', text, 'box-sign')
}

/** What looks like a link and leads nowhere. */
export function deadLink(text: string): HTMLElement {
  const made = element('a', text) as HTMLAnchorElement
  made.href = '#'
  made.tabIndex = -1
  return made
}

/** The words above a list, and what is in it. */
export function titledList(title: string, rows: HTMLElement): HTMLElement[] {
  return title ? [element('p', title), rows] : [rows]
}

/** Items that were picked by hand. */
export function pickedItems(title: string, items: ItemRef[]): HTMLElement[] {
  const ul = element('ul', '')
  for (const item of items) {
    const li = element('li', '')
    li.append(deadLink(item.label))
    ul.append(li)
  }
  return titledList(title, items.length ? ul : element('p', 'No items picked yet.'))
}
