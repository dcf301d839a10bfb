import type { Node } from 'prosemirror-model'
import { NodeSelection } from 'prosemirror-state'
import type { EditorView } from 'prosemirror-view'
import { hostOf } from '../base/elsewhere'
import type { SheetHost } from '../base/host'
import { mediaUrl } from '../base/shown'
import { FigureView } from './caption'

/** A picture on the sheet, with corners to drag while it is picked. */
export class PictureView extends FigureView {
  private readonly frame = document.createElement('div')
  private readonly image = document.createElement('img')
  private readonly waiting = document.createElement('div')
  private readonly credit = document.createElement('small')
  private readonly size = document.createElement('output')

  constructor(
    node: Node,
    private readonly view: EditorView,
    private readonly getPos: () => number | undefined,
    private readonly host: Pick<SheetHost, 'takeIn' | 'keepThere'>,
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
    this.waiting.className = 'picture-waiting'
    this.frame.append(this.image, this.waiting, this.size)
    for (const corner of ['left', 'right']) this.frame.append(this.corner(corner))
    this.begin(this.frame)
    this.dom.append(this.credit)
  }

  protected show() {
    const { src, alt, side, width, credit, pending } = this.node.attrs
    this.dom.className = ['picture', side].filter(Boolean).join(' ')
    this.dom.style.width = width
    this.image.hidden = pending
    this.waiting.hidden = !pending
    this.wait(pending ? src : '')
    const url = pending ? '' : mediaUrl(src)
    if (!url) this.image.removeAttribute('src')
    else if (this.image.getAttribute('src') !== url) this.image.src = url
    this.image.alt = alt ?? 'Picture without alternative text'
    this.frame.dataset.alt = alt === null ? 'No alternative text yet' : alt === '' ? 'Decorative' : `“${alt}”`
    this.credit.textContent = credit
    this.credit.hidden = !credit
  }

  /** In place of a picture that is not to be asked for yet: where it lies, and what can be done about it. */
  private wait(src: string) {
    if (this.waiting.dataset.src === src) return
    this.waiting.dataset.src = src
    if (!src) return this.waiting.replaceChildren()
    const where = document.createElement('span')
    where.textContent = `A picture on ${hostOf(src)}, not loaded`
    const button = (words: string, act: () => void) => {
      const made = document.createElement('button')
      made.type = 'button'
      made.textContent = words
      made.addEventListener('click', act)
      return made
    }
    this.waiting.replaceChildren(
      where,
      button('Take it into Assets', () => this.host.takeIn([src])),
      button('Keep it there', () => this.host.keepThere([src])),
    )
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
    return super.stopEvent(event) || (event.target instanceof Element && event.target.classList.contains('corner'))
  }
}
