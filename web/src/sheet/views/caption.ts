import type { Node } from 'prosemirror-model'
import type { NodeView, ViewMutationRecord } from 'prosemirror-view'

/** Whether a change of the page is the view's own, and none of what is written in it. */
export function isOutside(content: HTMLElement, m: ViewMutationRecord): boolean {
  return m.type === 'attributes' || (m.type !== 'selection' && !content.contains(m.target))
}

/** A line below something, which says what goes in it while it is empty. */
export class CaptionLine {
  readonly dom: HTMLElement

  constructor(tag: string, hint: string) {
    // It holds nothing but its words, so that whatever is typed at its ends is in it.
    this.dom = document.createElement(tag)
    this.dom.dataset.hint = hint
  }

  show(node: Node) {
    this.dom.classList.toggle('lacks-words', !node.content.size)
  }
}

/** A node that is only such a line: who said it, what a gallery or table shows. */
export function lineView(tag: string, hint: string, className = '') {
  return (node: Node): NodeView => {
    const line = new CaptionLine(tag, hint)
    if (className) line.dom.classList.add(className)
    line.show(node)
    return {
      dom: line.dom,
      contentDOM: line.dom,
      update: (n) => {
        if (n.type !== node.type) return false
        line.show(n)
        return true
      },
      ignoreMutation: (m) => m.type === 'attributes',
    }
  }
}

/** A figure with something to look at and a caption to write in. */
export abstract class FigureView implements NodeView {
  readonly dom = document.createElement('figure')
  readonly contentDOM: HTMLElement
  private readonly caption = new CaptionLine('figcaption', 'Caption')

  constructor(protected node: Node) {
    this.contentDOM = this.caption.dom
  }

  protected abstract show(): void

  /** Called by a view that has made its parts. */
  protected begin(...parts: HTMLElement[]) {
    for (const part of parts) part.contentEditable = 'false'
    this.dom.append(...parts, this.contentDOM)
    this.showAll()
  }

  private showAll() {
    const picked = this.dom.classList.contains('is-picked')
    this.show()
    this.dom.classList.toggle('is-picked', picked)
    this.caption.show(this.node)
  }

  update(node: Node): boolean {
    if (node.type !== this.node.type) return false
    this.node = node
    this.showAll()
    return true
  }

  selectNode() {
    this.dom.classList.add('is-picked')
  }

  deselectNode() {
    this.dom.classList.remove('is-picked')
  }

  stopEvent(event: Event): boolean {
    return event.target instanceof Element && !!event.target.closest('button')
  }

  ignoreMutation(m: ViewMutationRecord): boolean {
    return isOutside(this.contentDOM, m)
  }
}
