import { dropCursor } from 'prosemirror-dropcursor'
import { gapCursor } from 'prosemirror-gapcursor'
import { history } from 'prosemirror-history'
import { keymap } from 'prosemirror-keymap'
import { type Command, EditorState, NodeSelection, Selection, TextSelection } from 'prosemirror-state'
import { EditorView } from 'prosemirror-view'
import { type Asks, baseKeymap, keymapFor } from './keys'
import { atPath } from './paths'
import { emptyLines, lastLine } from './plugins'
import { readHtml } from './read'
import { attributionView, CarriedView, PictureView } from './views'
import { writeHtml } from './write'

/** The sheet of one item: the document, and whoever wants to know when it changes. */
export class Sheet {
  view: EditorView | null = null
  state: EditorState
  /** The element in which the sheet scrolls. */
  scroller: HTMLElement | null = null
  asks: Asks = { link: () => {}, picture: () => {}, pictureSettings: () => {} }
  /** Called after every change of the text. */
  onEdit: () => void = () => {}
  private readonly listeners = new Set<() => void>()

  constructor(html: string) {
    this.state = EditorState.create({
      doc: readHtml(html),
      plugins: [
        keymap(
          keymapFor({
            link: () => this.asks.link(),
            picture: () => this.asks.picture(),
            pictureSettings: () => this.asks.pictureSettings(),
          }),
        ),
        keymap(baseKeymap),
        history(),
        dropCursor({ color: 'var(--color-petrol)', width: 3 }),
        gapCursor(),
        lastLine,
        emptyLines,
      ],
    })
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  snapshot = (): EditorState => this.state

  /** Shows the sheet in a place of the page. */
  mount(place: HTMLElement) {
    this.view = new EditorView(place, {
      state: this.state,
      attributes: {
        class: 'article',
        role: 'textbox',
        'aria-multiline': 'true',
        tabindex: '0',
        'aria-label': 'Text of the item',
        spellcheck: 'true',
      },
      // A press on the picture picks it; one on its caption sets the cursor there.
      handleClickOn: (view, _pos, node, nodePos, event) => {
        if (node.type.name !== 'picture' || !(event.target instanceof HTMLImageElement)) return false
        view.dispatch(view.state.tr.setSelection(NodeSelection.create(view.state.doc, nodePos)))
        return true
      },
      nodeViews: {
        picture: (node) => new PictureView(node),
        carried: (node) => new CarriedView(node),
        attribution: attributionView,
      },
      dispatchTransaction: (tr) => {
        const next = this.view?.state.applyTransaction(tr)
        if (!next || !this.view) return
        this.view.updateState(next.state)
        this.state = next.state
        for (const listener of this.listeners) listener()
        if (next.transactions.some((t) => t.docChanged)) this.onEdit()
      },
    })
  }

  unmount() {
    this.view?.destroy()
    this.view = null
  }

  html(): string {
    return writeHtml(this.state.doc)
  }

  /** Carries a command out and gives the keyboard back to the sheet. */
  run(command: Command) {
    if (!this.view) return
    command(this.view.state, this.view.dispatch, this.view)
    this.view.focus()
  }

  /** Takes over another text. Only the stretch that differs is replaced, and Undo brings it back. */
  replace(html: string) {
    if (!this.view) return
    const now = this.view.state.doc
    const next = readHtml(html)
    const start = now.content.findDiffStart(next.content)
    if (start === null) return
    const ends = now.content.findDiffEnd(next.content)
    if (!ends) return
    let { a, b } = ends
    const overlap = start - Math.min(a, b)
    if (overlap > 0) {
      a += overlap
      b += overlap
    }
    const tr = this.view.state.tr
    try {
      tr.replace(start, a, next.slice(start, b))
    } catch {
      // The ends lie at different depths; then all of it is replaced, still in one step.
      tr.replaceWith(0, now.content.size, next.content)
    }
    this.view.dispatch(tr)
  }

  /** Picks the block at a path and scrolls to it; a stretch within it, where there is one. */
  goTo(path: number[], from = 0, to = 0) {
    if (!this.view) return
    const found = atPath(this.view.state.doc, path)
    if (!found) return
    this.goToPosition(found.pos, from, to)
  }

  goToPosition(pos: number, from = 0, to = 0) {
    if (!this.view) return
    const { doc, tr } = this.view.state
    const node = doc.nodeAt(pos)
    if (!node) return
    const whole = node.isAtom || node.type.name === 'picture'
    const selection = whole
      ? NodeSelection.create(doc, pos)
      : to > from && node.isTextblock
        ? TextSelection.create(doc, pos + 1 + from, Math.min(pos + 1 + to, pos + node.nodeSize - 1))
        : Selection.near(doc.resolve(pos + 1))
    this.view.dispatch(tr.setSelection(selection))
    this.view.focus()
    const dom = this.view.nodeDOM(pos)
    if (dom instanceof HTMLElement) dom.scrollIntoView({ block: 'center' })
  }
}
