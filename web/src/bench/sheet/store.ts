import { dropCursor } from 'prosemirror-dropcursor'
import { gapCursor } from 'prosemirror-gapcursor'
import { closeHistory, history } from 'prosemirror-history'
import type { Node } from 'prosemirror-model'
import { search } from 'prosemirror-search'
import { type Command, EditorState, NodeSelection, type Plugin, Selection, TextSelection } from 'prosemirror-state'
import { tableEditing } from 'prosemirror-tables'
import { EditorView } from 'prosemirror-view'
import type { Speech, Writing } from '../../api/types'
import { files } from './intake/files'
import { Pasting, pastes } from './intake/paste'
import { foreignStretch } from './intake/range'
import { keys } from './keys'
import { atPath } from './model/paths'
import { readHtml } from './model/read'
import { schema } from './model/schema'
import { writeHtml } from './model/write'
import { clipboard } from './plugins/clipboard'
import { invisibles } from './plugins/invisibles'
import { emptyLines, lastLine } from './plugins/lines'
import { overlay } from './plugins/overlay'
import { prompts } from './plugins/prompts'
import { columnDrag, tablePaste, tidyTables } from './plugins/tables'
import { typing } from './plugins/typing'
import { targetsOf } from './targets'
import { tools } from './tools'
import type { Ask } from './tools/tool'
import { BoxView } from './views/boxes'
import { lineView } from './views/caption'
import { PictureView } from './views/picture'
import { EmbedView, type FrameOf, PlayerView } from './views/players'
import { GridView, TableBlockView } from './views/table'

/** What the sheet must be told by the server while it shows things. */
export interface Sources {
  frameOf: FrameOf
  latest: (section: string, topic: string, count: number) => Promise<string[]>
  slug: (words: string) => Promise<string>
}

/** The sheet of one item: the document, and whoever wants to know when it changes. */
export class Sheet {
  view: EditorView | null = null
  state: EditorState
  /** The element in which the sheet scrolls. */
  scroller: HTMLElement | null = null
  /** Called when a tool asks the screen for something; with what was pasted, where that is why. */
  onAsk: (what: Ask, given?: string) => void = () => {}
  /** Called after every change of the text. */
  onEdit: () => void = () => {}
  /** Called with files that were dropped or pasted. */
  onFiles: (files: File[]) => void = () => {}
  /** Called with a sentence for the person. */
  onTell: (sentence: string) => void = () => {}
  /** Called when the sheet itself fails; the text is in `state`. */
  onCrash: (error: unknown) => void = () => {}
  /** What was pasted last. */
  readonly pasting = new Pasting(this)
  /** Every tool, for whoever wants to use them all. */
  readonly tools = tools
  private readonly listeners = new Set<() => void>()
  private readonly plugins: Plugin[]

  constructor(
    html: string,
    /** The language the text is written in. */
    public speech: Speech,
    readonly writing: Writing,
    private readonly sources: Sources,
  ) {
    const hosts = writing.hosts.map((h) => h.host)
    this.plugins = [
      tidyTables,
      typing(() => this.speech.quotes),
      tablePaste,
      files((given) => this.onFiles(given)),
      clipboard(
        (code) => this.onAsk('embed', code),
        (address) => hosts.some((h) => address.startsWith(`https://${h}/`)),
      ),
      pastes(() => this.pasting),
      foreignStretch,
      prompts,
      ...keys((what) => this.onAsk(what)),
      columnDrag(),
      tableEditing(),
      // A morning's work can be taken back, not only the last hundred steps.
      history({ depth: 2000 }),
      search(),
      invisibles,
      overlay,
      dropCursor({ color: 'var(--color-petrol)', width: 3 }),
      gapCursor(),
      lastLine,
      emptyLines,
    ]
    performance.mark('sheet-begins')
    this.state = EditorState.create({ doc: readHtml(html), plugins: this.plugins })
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
      attributes: () => ({
        class: 'article',
        role: 'textbox',
        'aria-multiline': 'true',
        tabindex: '0',
        'aria-label': 'Text of the item',
        spellcheck: 'true',
        lang: this.speech.language,
      }),
      // A press on what is shown picks it; one on its caption sets the cursor there.
      handleClickOn: (view, _pos, node, nodePos, event) => {
        const figure = ['picture', 'embed', 'audio', 'video'].includes(node.type.name)
        if (!figure || !(event.target instanceof Element) || event.target.closest('figcaption')) return false
        if (event.target.closest('figure')?.querySelector('figcaption')?.contains(event.target)) return false
        view.dispatch(view.state.tr.setSelection(NodeSelection.create(view.state.doc, nodePos)))
        return true
      },
      nodeViews: {
        picture: (node, view, getPos) => new PictureView(node, view, getPos),
        embed: (node) => new EmbedView(node, this.sources.frameOf),
        audio: (node) => new PlayerView(node),
        video: (node) => new PlayerView(node),
        attribution: lineView('figcaption', 'Who said it'),
        gallery_caption: lineView('figcaption', 'Caption of the gallery'),
        table_caption: lineView('div', 'Caption of the table', 'caption-of-table'),
        table_block: (node) => new TableBlockView(node),
        table: (node) => new GridView(node),
        ...Object.fromEntries(boxes.map((name) => [name, (node: Node) => new BoxView(node, this.sources.latest)])),
      },
      dispatchTransaction: (tr) => {
        const view = this.view
        if (!view) return
        try {
          const next = view.state.applyTransaction(tr)
          view.updateState(next.state)
          this.state = next.state
          for (const listener of this.listeners) listener()
          if (next.transactions.some((t) => t.docChanged)) this.onEdit()
        } catch (error) {
          this.onCrash(error)
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
  speak(speech: Speech) {
    if (speech === this.speech) return
    this.speech = speech
    this.view?.setProps({})
  }

  /** Begins anew from the text as it is, after the sheet failed. */
  recover() {
    const html = this.html()
    this.state = EditorState.create({ doc: readHtml(html), plugins: this.plugins })
  }

  /** What is wrong with a name for a jump target, in a sentence; empty when nothing is. */
  targetProblem(name: string, own: string): string {
    if (!/^[A-Za-z][A-Za-z0-9_.-]{0,79}$/.test(name)) return 'Use letters, digits and hyphens, beginning with a letter.'
    const taken = name !== own && targetsOf(this.state.doc).some((t) => t.anchor === name)
    return taken ? `There is a place called “${name}” already.` : ''
  }

  /** The name of the place at a position; a heading without one gets one, made of its words. */
  async nameTarget(pos: number): Promise<string> {
    const node = this.state.doc.nodeAt(pos)
    if (!node) return ''
    if (node.attrs.anchor) return node.attrs.anchor
    const words = node.textContent
    const base = (await this.sources.slug(words)).replace(/^[^a-z]+/, '') || 'part'
    let name = base
    for (let n = 2; this.targetProblem(name, ''); n++) name = `${base}-${n}`
    const now = targetsOf(this.state.doc).find((t) => t.words === words && !t.anchor)
    if (now) this.dispatch(this.state.tr.setNodeAttribute(now.pos, 'anchor', name))
    return name
  }

  /** Gives a place another name; the links of this text that lead there go on leading there. */
  renameTarget(old: string, given: string, pos: number) {
    const name = given.trim()
    if (name === old) return
    const problem = name ? this.targetProblem(name, old) : ''
    if (problem) return this.onTell(problem)
    const tr = this.state.tr.setNodeAttribute(pos, 'anchor', name)
    let links = 0
    this.state.doc.descendants((node, at) => {
      const link = schema.marks.link.isInSet(node.marks)
      if (!old || !link || link.attrs.href !== `#${old}`) return
      links++
      if (!name) return
      const next = schema.mark('link', { ...link.attrs, href: `#${name}` })
      tr.removeMark(at, at + node.nodeSize, link).addMark(at, at + node.nodeSize, next)
    })
    if (!name && links)
      return this.onTell(`${links === 1 ? 'A link leads' : `${links} links lead`} here; change them first.`)
    this.dispatch(tr)
    if (links) this.onTell(`Renamed; ${links === 1 ? 'the link to it follows' : `${links} links to it follow`}.`)
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
    if (this.view) command(this.view.state, this.view.dispatch, this.view)
  }

  /** Takes over another text. Only the stretch that differs is replaced, and Undo brings it back. */
  replace(html: string) {
    const now = this.state.doc
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
    const tr = this.state.tr
    try {
      tr.replace(start, a, next.slice(start, b))
      tr.doc.check()
    } catch {
      // The ends lie at different depths; then all of it is replaced, still in one step.
      const whole = this.state.tr.replaceWith(0, now.content.size, next.content)
      return this.dispatch(whole)
    }
    this.dispatch(tr)
  }

  /** Applies a change, also while the sheet is not shown. */
  dispatch(tr: EditorState['tr']) {
    if (this.view) return this.view.dispatch(tr)
    this.state = this.state.apply(tr)
    for (const listener of this.listeners) listener()
    if (tr.docChanged) this.onEdit()
  }

  /** Sets the cursor near a position. */
  goToLine(pos: number) {
    const { doc, tr } = this.state
    const at = doc.resolve(Math.min(pos, doc.content.size))
    this.dispatch(tr.setSelection(Selection.near(at)))
  }

  /** Puts some words in at the cursor: into an empty line or prompt, else as a paragraph below. */
  insertWords(words: string) {
    const { $from } = this.state.selection
    const text = schema.text(words)
    const tr = closeHistory(this.state.tr)
    if ($from.parent.inlineContent && !$from.parent.content.size && !$from.parent.type.spec.code) {
      tr.insert($from.pos, text)
    } else {
      const at = $from.depth ? $from.after(1) : this.state.selection.to
      tr.insert(at, schema.nodes.paragraph.create(null, text))
      tr.setSelection(Selection.near(tr.doc.resolve(at + words.length + 1), -1))
    }
    this.dispatch(tr.scrollIntoView())
  }

  /** Picks the block at a path and scrolls to it; a stretch within it, where there is one. */
  goTo(path: number[], from = 0, to = 0) {
    const found = atPath(this.state.doc, path)
    if (found) this.goToPosition(found.pos, from, to)
  }

  goToPosition(pos: number, from = 0, to = 0) {
    if (!this.view) return
    const { doc, tr } = this.view.state
    const node = doc.nodeAt(pos)
    if (!node) return
    const whole = node.isAtom || ['picture', 'embed', 'audio', 'video'].includes(node.type.name)
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

const boxes = ['fold', 'jump_target', 'download', 'button_link', 'item_list', 'related_items', 'contact_form', 'html']
