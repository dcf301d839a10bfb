import type { Node } from 'prosemirror-model'
import type { NodeView } from 'prosemirror-view'

/** Where the bytes of a picture are. */
export function pictureUrl(src: string): string {
  return src.startsWith('../assets/') ? `/media/${src.slice('../assets/'.length)}` : src
}

/** A picture on the sheet: the picture itself, and its caption to be written in. */
export class PictureView implements NodeView {
  dom: HTMLElement
  contentDOM: HTMLElement
  private readonly image: HTMLImageElement
  private readonly credit: HTMLElement

  constructor(private node: Node) {
    this.dom = document.createElement('figure')
    this.image = document.createElement('img')
    this.image.draggable = false
    // The caption holds nothing but its words, so that whatever is typed at its ends is in it.
    this.contentDOM = document.createElement('figcaption')
    this.credit = document.createElement('small')
    this.credit.className = 'picture-credit'
    this.credit.contentEditable = 'false'
    this.dom.append(this.image, this.contentDOM, this.credit)
    this.show()
  }

  private show() {
    const { src, alt, className, width, credit } = this.node.attrs
    this.dom.className = ['picture', className, this.dom.classList.contains('is-picked') && 'is-picked']
      .filter(Boolean)
      .join(' ')
    this.dom.style.width = width
    this.image.src = pictureUrl(src)
    this.image.alt = alt ?? 'Picture without alternative text'
    this.credit.textContent = credit
    this.credit.hidden = !credit
    this.contentDOM.classList.toggle('is-empty', !this.node.content.size)
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

  ignoreMutation(m: { target: globalThis.Node; type: string }): boolean {
    return m.type === 'attributes' || !this.contentDOM.contains(m.target)
  }
}

/** A block that cannot be edited here yet: a labelled box that goes through untouched. */
export class CarriedView implements NodeView {
  dom: HTMLElement

  constructor(node: Node) {
    this.dom = document.createElement('div')
    this.dom.className = 'carried'
    const label = document.createElement('strong')
    label.textContent = node.attrs.label
    const note = document.createElement('div')
    note.textContent = 'Kept as it is. It cannot be edited here yet; the proof shows it.'
    this.dom.append(label, note)
  }
}

/** The line below a quote. */
export function attributionView(node: Node): NodeView {
  const dom = document.createElement('figcaption')
  const show = (n: Node) => dom.classList.toggle('lacks-words', !n.content.size)
  show(node)
  return {
    dom,
    contentDOM: dom,
    update: (n) => {
      if (n.type !== node.type) return false
      show(n)
      return true
    },
    ignoreMutation: (m) => m.type === 'attributes',
  }
}
