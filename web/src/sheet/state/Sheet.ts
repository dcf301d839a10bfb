import type { Node } from 'prosemirror-model'
import { type Command, EditorState, NodeSelection, type Plugin, Selection, TextSelection } from 'prosemirror-state'
import { EditorView } from 'prosemirror-view'
import type { OfferedField, Toolset, Writing, WritingLanguage } from '../../shared/api/types'
import { Store } from '../../shared/base/store'
import { keepThere, takeIn } from '../base/elsewhere'
import type { Piece, SheetHost, Sources } from '../base/host'
import { placeOf } from '../base/mergeField'
import { specOf } from '../blocks/kinds'
import { insertBlock } from '../commands/blocks'
import { Pasting } from '../intake/paste'
import { put, setPlace } from '../intake/range'
import { freeName, rename, targetProblem } from '../links/places'
import { targetsOf } from '../links/targets'
import { atPath } from '../model/paths'
import { readHtml } from '../model/read'
import { writeHtml } from '../model/write'
import { redirected } from '../plugins/direction'
import { closeSettings, opening, settingsOf } from '../plugins/settings'
import { offering, offerOf } from '../plugins/toolset'
import { type Underlined, underlining } from '../plugins/underlines'
import { tools } from '../tools/registry'
import { replacement, withWords } from './changes'
import { Followed } from './followed'
import { hearCursor } from './hearing'
import { type SheetHooks, silent } from './hooks'
import { narrowed } from './narrowed'
import { nodeViews } from './nodeViews'
import { firstGap, selectedBlocks } from './pieces'
import { directionOf, pluginsOf } from './plugins'

/** Whether a block is picked as a whole: one with nothing to write in, and a figure, whose caption is apart. */
export function isPickedWhole(node: Node): boolean {
  return node.isAtom || (!!node.type.spec.draggable && !!specOf(node))
}

/**
 * The sheet of one item: the document, the view that shows it, and whoever wants to know when it changes. It
 * lives as long as the item is open, also while another view of the item is shown.
 */
export class Sheet implements SheetHost {
  view: EditorView | null = null
  /** The element in which the sheet scrolls. */
  scroller: HTMLElement | null = null
  hooks: SheetHooks = { ...silent }
  /** What was pasted last. */
  readonly pasting: Pasting = new Pasting(this)
  /** The kind of the item whose text it is. */
  itemKind = ''
  /** What it is called for whoever hears it. */
  label = 'Text of the item'
  /** Every tool, for whoever wants to use them all. */
  readonly tools = tools
  private readonly store: Store<EditorState>
  private readonly plugins: Plugin[]
  private readonly followed = new Set<Followed>()
  private readonly pieces = new Store<Piece[]>([])
  private readonly fields = new Store<OfferedField[] | null>(null)

  constructor(
    html: string,
    public writingLanguage: WritingLanguage,
    private readonly given: Writing,
    readonly sources: Sources,
  ) {
    this.plugins = pluginsOf(this)
    performance.mark('sheet-begins')
    this.store = new Store(EditorState.create({ doc: readHtml(html), plugins: this.plugins }))
  }

  /** What the site gives a writer, as far as the text's toolset lets it. */
  get writing(): Writing {
    return narrowed(this.given, offerOf(this.state))
  }

  /** Gives the text another toolset, or every tool there is; nobody who is writing notices more than that. */
  offer(toolset: Toolset | null) {
    if (JSON.stringify(toolset) === JSON.stringify(offerOf(this.state).toolset)) return
    this.dispatch(offering(this.state, toolset))
  }

  get state(): EditorState {
    return this.store.get()
  }

  /** Whether the settings of the picked block are open. */
  get hasSettings(): boolean {
    return settingsOf(this.state) !== null
  }

  /** Closes the settings of the picked block, where they are open. */
  closeSettings() {
    if (settingsOf(this.state) !== null) this.dispatch(closeSettings(this.state))
  }

  subscribe = (listener: () => void): (() => void) => this.store.subscribe(listener)

  snapshot = (): EditorState => this.store.get()

  /** Says which placeholders there are, and what they are filled with now. */
  setFields(fields: OfferedField[]) {
    this.fields.set(fields)
  }

  /** The placeholders there are; null while that is not known. */
  get mergeFields(): OfferedField[] | null {
    return this.fields.get()
  }

  /** Whether there is a placeholder in the text. */
  hasFields(): boolean {
    let any = false
    this.state.doc.descendants((node) => {
      any ||= node.type.name === 'field_chip'
      return !any
    })
    return any
  }

  get knowsFields(): boolean {
    return this.mergeFields !== null
  }

  fieldNamed(name: string): OfferedField | undefined {
    return this.mergeFields?.find((f) => f.name === name)
  }

  followFields(listener: () => void): () => void {
    return this.fields.subscribe(listener)
  }

  doc(): Node {
    return this.state.doc
  }

  takeIn(addresses: string[]): Promise<void> {
    return takeIn(this, addresses)
  }

  keepThere(addresses: string[]) {
    keepThere(this, addresses)
  }

  focus() {
    this.view?.focus()
    // After a dialog Chromium can hold the new place for one that cannot be written in, and swallow what is typed, until
    // it is set once more.
    const selection = getSelection()
    if (!selection?.rangeCount || !this.view) return
    const range = selection.getRangeAt(0)
    if (!range.collapsed || !this.view.dom.contains(range.startContainer)) return
    selection.removeAllRanges()
    selection.addRange(range)
  }

  tell(sentence: string) {
    this.hooks.tell(sentence)
  }

  /** Shows the sheet in a place of the page. */
  mount(place: HTMLElement) {
    this.view = new EditorView(place, {
      state: this.state,
      attributes: () => ({
        class: 'article',
        role: 'textbox',
        'aria-multiline': 'true',
        tabindex: '0',
        'aria-label': this.label,
        spellcheck: 'true',
        lang: this.writingLanguage.language,
        dir: directionOf(this.writingLanguage),
      }),
      // A press on what is shown picks it; one on its caption sets the cursor there.
      handleClickOn: (view, _pos, node, nodePos, event) => {
        const figure = isPickedWhole(node) && !node.isAtom
        if (!figure || !(event.target instanceof Element) || event.target.closest('figcaption')) return false
        view.dispatch(view.state.tr.setSelection(NodeSelection.create(view.state.doc, nodePos)))
        return true
      },
      nodeViews: nodeViews(this),
      dispatchTransaction: (tr) => {
        const view = this.view
        if (!view) return
        try {
          const next = view.state.applyTransaction(tr)
          view.updateState(next.state)
          this.store.set(next.state)
          for (const done of next.transactions) this.follows(done)
          if (next.transactions.some((t) => t.docChanged)) this.hooks.edit()
        } catch (error) {
          this.hooks.crash(error)
        }
      },
    })
    // Tests and the bench read the sheet from its element, and how long it took to show it.
    Object.assign(this.view.dom, { sheet: this })
    requestAnimationFrame(() => setTimeout(() => performance.measure('sheet-open', 'sheet-begins')))
  }

  unmount() {
    this.view?.destroy()
    this.view = null
  }

  /** Goes on in another language. */
  writeIn(language: WritingLanguage) {
    if (language === this.writingLanguage) return
    const turned = directionOf(language) !== directionOf(this.writingLanguage)
    this.writingLanguage = language
    this.view?.setProps({})
    const tr = turned ? redirected(this.state, directionOf(language)) : null
    if (tr) this.dispatch(tr)
  }

  /** Begins again from the text as it is, after the sheet failed. */
  recover() {
    this.store.set(EditorState.create({ doc: readHtml(this.html()), plugins: this.plugins }))
  }

  html(): string {
    return writeHtml(this.state.doc)
  }

  /** Carries a command out and gives the keyboard back to the sheet. */
  run(command: Command) {
    this.apply(command)
    this.view?.focus()
  }

  /** Carries a command out and leaves the keyboard where it is. */
  apply(command: Command) {
    if (!this.view) return
    hearCursor(this.view)
    command(this.view.state, this.view.dispatch, this.view)
  }

  /** Applies a change, also while the sheet is not shown. */
  dispatch(tr: EditorState['tr']) {
    if (this.view) return this.view.dispatch(tr)
    this.store.set(this.state.apply(tr))
    this.follows(tr)
    if (tr.docChanged) this.hooks.edit()
  }

  /** Takes over another text. Only the stretch that differs is replaced, and Undo brings it back. */
  replace(html: string) {
    const tr = replacement(this.state, html)
    if (tr) this.dispatch(tr)
  }

  /** Shows another text that is kept already. It does not count as a change made here, and Undo takes nothing of it back. */
  take(html: string) {
    const tr = replacement(this.state, html)
    if (!tr) return
    const { edit } = this.hooks
    this.hooks.edit = () => {}
    try {
      this.dispatch(tr.setMeta('addToHistory', false))
    } finally {
      this.hooks.edit = edit
    }
  }

  /** Underlines words of the text, and no others than these. */
  underline(words: Underlined[]) {
    // A composition must not be disturbed; the next save underlines again.
    if (this.view?.composing) return
    const tr = underlining(this.state, words)
    if (tr) this.dispatch(tr)
  }

  /** Says what linked pieces hold now. */
  setPieces(pieces: Piece[]) {
    this.pieces.set(pieces)
  }

  pieceNamed(key: string): Piece | undefined {
    return this.pieces.get().find((p) => p.key === key)
  }

  followPieces(listener: () => void): () => void {
    return this.pieces.subscribe(listener)
  }

  unlink(pos: number) {
    const node = this.state.doc.nodeAt(pos)
    const piece = node?.type.name === 'linked_piece' ? this.pieceNamed(node.attrs.key) : undefined
    if (!node || !piece) return
    const { content } = readHtml(piece.body)
    this.dispatch(this.state.tr.replaceWith(pos, pos + node.nodeSize, content).scrollIntoView())
    this.focus()
  }

  /** Puts a ready-made piece in as a link, which follows whatever becomes of it. */
  linkTo(key: string) {
    this.run(insertBlock(this.state.schema.node('linked_piece', { key })))
  }

  /** Puts a ready-made piece in where the cursor stands, in one step, and goes on at its first gap. */
  putIn({ id, body }: { id: number; body: string }) {
    this.hooks.dropped(id)
    const from = this.state.selection.from
    this.dispatch(setPlace(this.state))
    this.dispatch(put(this.state, body, '', true))
    const gap = firstGap(this.state, from)
    if (gap) this.dispatch(this.state.tr.setSelection(gap).scrollIntoView())
    this.focus()
  }

  /** What is selected, as the HTML of its blocks; the block the cursor is in where nothing is. */
  selectedHtml(): string {
    return selectedBlocks(this.state)
  }

  private follows(tr: EditorState['tr']) {
    for (const one of this.followed) one.note(tr)
  }

  /**
   * Remembers the text as it stands, for somebody who is asked to change it. What comes of that is put into the text
   * as it stands then; false where somebody has changed that very passage meanwhile.
   */
  follow(): { replace: (html: string) => boolean; end: () => void } {
    const one = new Followed(this.state.doc)
    this.followed.add(one)
    const end = () => this.followed.delete(one)
    return {
      end,
      replace: (html) => {
        end()
        const tr = one.into(this.state, html)
        if (tr) this.dispatch(tr)
        return tr !== undefined
      },
    }
  }

  /** Puts some words in at the cursor. */
  insertWords(words: string) {
    this.dispatch(withWords(this.state, words))
  }

  targetProblem(name: string, own: string): string {
    return targetProblem(this.state.doc, name, own)
  }

  async nameTarget(pos: number): Promise<string> {
    const node = this.state.doc.nodeAt(pos)
    if (!node) return ''
    if (node.attrs.anchor) return node.attrs.anchor
    const words = node.textContent
    const name = freeName(this.state.doc, await this.sources.slug(words))
    // Somebody may have gone on writing while the server was asked.
    const now = targetsOf(this.state.doc).find((t) => t.words === words && !t.anchor)
    if (now) this.dispatch(this.state.tr.setNodeAttribute(now.pos, 'anchor', name))
    return name
  }

  renameTarget(old: string, given: string, pos: number) {
    const { tr, told } = rename(this.state, old, given, pos)
    if (tr) this.dispatch(tr)
    if (told) this.tell(told)
  }

  /** Where the cursor is in the document. */
  get cursor(): number {
    return this.state.selection.from
  }

  /** Where the block at a path begins, or the stretch within it, as the cursor would be there; null where it is not there any more. */
  placeAt(path: number[], from = 0): number | null {
    const found = atPath(this.state.doc, path)
    if (!found) return null
    return isPickedWhole(found.node) ? found.pos : found.pos + 1 + (from > 0 ? placeOf(found.node, from) : 0)
  }

  /** Picks the block at a path and scrolls to it; a stretch within it, where there is one. */
  goTo(path: number[], from = 0, to = 0) {
    const found = atPath(this.state.doc, path)
    if (found) this.goToPosition(found.pos, from, to)
  }

  /** Picks the block at a position and scrolls to it; a stretch within it, where there is one. */
  goToPosition(pos: number, from = 0, to = 0) {
    if (!this.view) return
    const { doc, tr } = this.view.state
    const node = doc.nodeAt(pos)
    if (!node) return
    const selection = isPickedWhole(node)
      ? NodeSelection.create(doc, pos)
      : to > from && node.isTextblock
        ? TextSelection.create(doc, pos + 1 + placeOf(node, from), pos + 1 + placeOf(node, to))
        : Selection.near(doc.resolve(pos + 1))
    // Whoever is led to a block wants its settings, also where it is picked already.
    this.view.dispatch(opening(tr.setSelection(selection)))
    this.view.focus()
    const dom = this.view.nodeDOM(pos)
    if (dom instanceof HTMLElement) dom.scrollIntoView({ block: 'center' })
  }
}
