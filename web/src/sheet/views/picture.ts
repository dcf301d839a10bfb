import type { Node } from 'prosemirror-model'
import { NodeSelection } from 'prosemirror-state'
import type { EditorView } from 'prosemirror-view'
import { FigureView } from './caption'

/** Where the bytes of a picture or player are. */
export function mediaUrl(src: string): string {
  return src.startsWith('../assets/') ? `/media/${src.slice('../assets/'.length)}` : src
}

/** A picture on the sheet, with corners to drag while it is picked. */
export class PictureView extends FigureView {
  private readonly frame = document.createElement('div')
  private readonly image = document.createElement('img')
  private readonly credit = document.createElement('small')
  private readonly size = document.createElement('output')

  constructor(
    node: Node,
    private readonly view: EditorView,
    private readonly getPos: () => number | undefined,
  ) {
    super(node)
    this.frame.className = 'picture-frame'
    this.image.draggable = false
    this.image.addEventListener('load', () => this.frame.classList.remove('is-missing'))
    this.image.addEventListener('error', () => this.frame.classList.add('is-missing'))
    this.credit.className = 'picture-credit'
    this.credit.contentEditable = 'false'
    this.size.className = 'picture-size'
    this.size.hidden = true
    this.frame.append(this.image, this.size)
    for (const corner of ['left', 'right']) this.frame.append(this.corner(corner))
    this.begin(this.frame)
    this.dom.append(this.credit)
  }

  protected show() {
    const { src, alt, side, width, credit } = this.node.attrs
    this.dom.className = ['picture', side].filter(Boolean).join(' ')
    this.dom.style.width = width
    const url = mediaUrl(src)
    if (this.image.getAttribute('src') !== url) this.image.src = url
    this.image.alt = alt ?? 'Picture without alternative text'
    this.frame.dataset.alt = alt === null ? 'No alternative text yet' : alt === '' ? 'Decorative' : `“${alt}”`
    this.credit.textContent = credit
    this.credit.hidden = !credit
  }

  private corner(side: string): HTMLElement {
    const handle = document.createElement('span')
    handle.className = `corner ${side}`
    handle.addEventListener('pointerdown', (e) => this.drag(e, side))
    return handle
  }

  /** Makes the picture wider or narrower; the height follows, so its proportions stay. */
  private drag(event: PointerEvent, side: string) {
    event.preventDefault()
    event.stopPropagation()
    const handle = event.currentTarget as HTMLElement
    handle.setPointerCapture(event.pointerId)
    const column = this.dom.parentElement?.clientWidth ?? 640
    const start = this.dom.offsetWidth
    const centred = this.node.attrs.side === 'centre' || this.node.attrs.side === 'wide'
    const direction = (side === 'left' ? -1 : 1) * (centred ? 2 : 1)
    const inPixels = this.node.attrs.width.endsWith('px')
    let width = this.node.attrs.width
    this.size.hidden = false
    const move = (e: PointerEvent) => {
      const px = Math.max(40, Math.min(column, start + (e.clientX - event.clientX) * direction))
      const share = Math.max(5, Math.round((px * 100) / column))
      width = inPixels ? `${Math.round(px)}px` : `${share}%`
      this.dom.style.width = width
      const height = Math.round((this.image.naturalHeight / Math.max(1, this.image.naturalWidth)) * px)
      this.size.textContent = `${share} %, ${Math.round(px)} × ${height} pixels`
    }
    const stop = (keep: boolean) => {
      handle.removeEventListener('pointermove', move)
      removeEventListener('keydown', key, true)
      this.size.hidden = true
      const pos = this.getPos()
      if (!keep || pos === undefined || width === this.node.attrs.width) {
        this.dom.style.width = this.node.attrs.width
        return
      }
      const tr = this.view.state.tr.setNodeAttribute(pos, 'width', width)
      this.view.dispatch(tr.setSelection(NodeSelection.create(tr.doc, pos)))
    }
    const key = (e: KeyboardEvent) => {
      if (e.key !== 'Escape') return
      e.preventDefault()
      e.stopPropagation()
      stop(false)
    }
    handle.addEventListener('pointermove', move)
    handle.addEventListener('pointerup', () => stop(true), { once: true })
    addEventListener('keydown', key, true)
  }

  stopEvent(event: Event): boolean {
    return event.target instanceof Element && event.target.classList.contains('corner')
  }
}
