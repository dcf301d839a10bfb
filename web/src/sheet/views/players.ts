import type { Node } from 'prosemirror-model'
import { hostOf } from '../base/elsewhere'
import type { Sources } from '../base/host'
import { mediaUrl } from '../base/shown'
import { FigureView } from './caption'

/** Something of another host: a labelled box, and what it shows after a click. */
export class EmbedView extends FigureView {
  private readonly box = document.createElement('div')
  private loaded = ''

  constructor(
    node: Node,
    private readonly frameOf: Sources['frameOf'],
  ) {
    super(node)
    this.box.className = 'embed-box'
    this.begin(this.box)
  }

  protected show() {
    const { address, title, width, shape } = this.node.attrs
    this.dom.className = 'embed'
    this.dom.style.width = width
    this.box.style.aspectRatio = shape
    if (this.loaded === address && address) return
    this.loaded = ''
    const name = document.createElement('strong')
    name.textContent = title || 'Without a title'
    const where = document.createElement('span')
    where.textContent = hostOf(address)
    const load = document.createElement('button')
    load.type = 'button'
    load.textContent = 'Load it here'
    load.addEventListener('click', () => this.load())
    this.box.replaceChildren(name, where, load)
  }

  private async load() {
    const { address, title } = this.node.attrs
    const answer = await this.frameOf(address).catch((e: Error) => ({ frame: '', problem: e.message }))
    if (!answer.frame) {
      const told = document.createElement('span')
      told.setAttribute('role', 'alert')
      told.textContent = answer.problem
      this.box.append(told)
      return
    }
    const frame = document.createElement('iframe')
    frame.title = title || 'Embed without a title'
    frame.setAttribute('sandbox', 'allow-scripts allow-presentation')
    frame.src = answer.frame
    this.loaded = address
    this.box.replaceChildren(frame)
  }
}

/** Sound or film of the site, with its player. */
export class PlayerView extends FigureView {
  private readonly media: HTMLMediaElement

  constructor(node: Node) {
    super(node)
    this.media = document.createElement(node.type.name as 'audio' | 'video')
    this.media.controls = true
    this.media.preload = 'metadata'
    this.begin(this.media)
  }

  protected show() {
    const { src, title, poster, width, captions } = this.node.attrs
    this.dom.className = this.node.type.name
    this.dom.style.width = width ?? ''
    const url = mediaUrl(src)
    if (this.media.getAttribute('src') !== url) this.media.src = url
    if (this.media instanceof HTMLVideoElement) this.media.poster = poster ? mediaUrl(poster) : ''
    this.media.setAttribute('aria-label', title || 'Without a title')
    this.media.replaceChildren()
    if (captions) {
      const track = document.createElement('track')
      track.kind = 'captions'
      track.src = mediaUrl(captions.src)
      track.srclang = captions.language
      this.media.append(track)
    }
  }

  stopEvent(event: Event): boolean {
    return event.target === this.media && event.type !== 'mousedown' && !event.type.startsWith('drag')
  }
}
