import { undo } from 'prosemirror-history'
import { Fragment, type Node, Slice } from 'prosemirror-model'
import { type EditorState, Plugin, type Transaction } from 'prosemirror-state'
import { handlePaste } from 'prosemirror-tables'
import type { EditorView } from 'prosemirror-view'
import { answer, client } from '../../shared/api/client'
import type { IntakeResult, OfferKind, PasteMode } from '../../shared/api/types'
import { Store } from '../../shared/base/store'
import { readOwn, setOwn } from '../../shared/store/own'
import { gridOf } from '../base/grid'
import { tableAt } from '../commands/tables'
import { targetsOf } from '../links/targets'
import { readHtml } from '../model/read'
import { isOwn } from '../plugins/clipboard'
import { fits } from '../plugins/toolset'
import { put, setPlace, stretchOf } from './range'

const KEPT = 'paste-text-only'

/** Whether somebody has made “text only” their way of pasting. */
export const textOnlyAlways = () => readOwn<unknown>(KEPT, false) === true

/** What came from a clipboard or a file, before anything was done to it. */
export interface Foreign {
  html: string
  text: string
}

/** Foreign text that was put into the sheet, and how. */
export interface Placed {
  foreign: Foreign
  mode: PasteMode
  /** Which of its offers were taken. */
  taken: OfferKind[]
  result: IntakeResult
}

/** What taking foreign text in needs of the sheet it goes into. */
export interface PasteHost {
  readonly state: EditorState
  readonly view: EditorView | null
  readonly writingLanguage: { language: string }
  readonly itemKind: string
  dispatch(tr: Transaction): void
  focus(): void
  tell(sentence: string): void
}

/** The last foreign text of a sheet: it can be result in another way, until the next one comes. */
export class Pasting {
  placed: Placed | null = null
  /** Whether the server is working on one. */
  busy = false
  /** The text as it was right after the paste; while it is so, another way needs only Undo first. */
  private after: unknown = null
  private readonly changes = new Store(0)

  constructor(private readonly sheet: PasteHost) {}

  subscribe = this.changes.subscribe

  private changed() {
    this.changes.set(this.changes.get() + 1)
  }

  snapshot = () => this.placed

  /**
   * Takes text in at a place, the selection where none is said. It is looked at by the server alone: what a stranger
   * wrote could keep the browser busy for ever. Where the server cannot be asked, its characters go in.
   */
  async paste(foreign: Foreign, mode: PasteMode, place?: { from: number; to: number }) {
    this.placed = null
    this.sheet.dispatch(setPlace(this.sheet.state, place))
    const result = await this.ask(foreign, mode, [])
    if (!result) return this.sheet.view?.pasteText(foreign.text || wordsOf(foreign.html))
    if (this.intoCells(result.body)) return this.close()
    this.sheet.dispatch(put(this.sheet.state, result.body, foreign.text))
    this.keep({ foreign, mode, taken: [], result })
  }

  /** Cells that come alone into a table go cell by cell. */
  private intoCells(body: string): boolean {
    const { view, state } = this.sheet
    const doc = readHtml(body)
    const only = doc.childCount === 1 ? doc.firstChild : null
    if (!view || only?.type.name !== 'table_block' || !tableAt(state)) return false
    return handlePaste(view, new ClipboardEvent('paste'), new Slice(Fragment.from(gridOf(only)), 0, 0))
  }

  /** Puts a text in that was read elsewhere: at the cursor, at the end, or in place of what is there. */
  bring(result: IntakeResult, where: 'cursor' | 'end' | 'replace') {
    const { sheet } = this
    const { doc, selection } = sheet.state
    const end = doc.content.size
    const last = doc.lastChild
    // An empty line at the end, which the sheet keeps to write on, is taken up.
    const free = last?.type.name === 'paragraph' && !last.content.size ? last.nodeSize : 0
    const place = {
      cursor: besideLine(doc, stretchOf(sheet.state) ?? selection),
      end: { from: end - free, to: end },
      replace: { from: 0, to: end },
    }[where]
    this.placed = null
    sheet.dispatch(setPlace(sheet.state, place))
    sheet.dispatch(put(sheet.state, result.body, '', true))
    sheet.focus()
    this.changed()
  }

  /** Takes the text of the clipboard in without its form, where the browser lets one read it. */
  async pasteText() {
    try {
      const text = await navigator.clipboard.readText()
      await this.paste({ html: '', text }, 'PARAGRAPHS')
      this.sheet.focus()
    } catch {
      this.sheet.tell('The browser does not let Blenner read the clipboard. Press Ctrl+Shift+V in the text instead.')
    }
  }

  /** Takes the same text in another way, in the place of the first. */
  async change(mode: PasteMode, taken: OfferKind[]) {
    const was = this.placed
    if (!was) return
    const result = await this.ask(was.foreign, mode, taken)
    if (!result || this.placed !== was) return
    const { sheet } = this
    if (sheet.state.doc === this.after) {
      undo(sheet.state, (tr) => sheet.dispatch(tr))
    }
    sheet.dispatch(put(sheet.state, result.body, was.foreign.text))
    this.keep({ foreign: was.foreign, mode, taken, result })
    sheet.focus()
  }

  /** Makes text only the way of pasting from now on, or formatted text again. */
  always(textOnly: boolean) {
    setOwn(KEPT, textOnly || undefined)
    this.changed()
  }

  close() {
    this.placed = null
    this.sheet.dispatch(setPlace(this.sheet.state, null))
    this.changed()
  }

  private keep(placed: Placed) {
    this.placed = placed
    this.after = this.sheet.state.doc
    this.changed()
  }

  /** The names of places in the text, but for those that were pasted and will go. */
  private namesElsewhere(): string[] {
    const own = this.placed && stretchOf(this.sheet.state)
    return targetsOf(this.sheet.state.doc).flatMap((t) =>
      t.anchor && !(own && t.pos >= own.from && t.pos < own.to) ? t.anchor : [],
    )
  }

  private async ask(foreign: Foreign, mode: PasteMode, taken: OfferKind[]): Promise<IntakeResult | null> {
    this.busy = true
    this.changed()
    try {
      const { language } = this.sheet.writingLanguage
      const kind = this.sheet.itemKind
      const body = { ...foreign, mode, taken, namesInUse: this.namesElsewhere(), language, kind }
      return await answer(client.POST('/editor/api/intake/paste', { body }))
    } catch (error) {
      this.sheet.tell(
        `${(error as Error).message} Of what was pasted only the characters have been taken; paste it again later for its form.`,
      )
      return null
    } finally {
      this.busy = false
      this.changed()
    }
  }
}

/** The characters of HTML, a line for each block, for when nobody can clean it. */
function wordsOf(html: string): string {
  const lines = html.replace(/<\/(p|div|h[1-6]|li|tr|table|blockquote|pre)\s*>|<br\b[^>]*>/gi, '$&\n')
  const words = new DOMParser().parseFromString(lines, 'text/html').body.textContent ?? ''
  return words.replace(/\n\s*\n/g, '\n').trim()
}

/** A text of its own does not join the line the cursor ends or begins, but stands below or above it. */
function besideLine(doc: Node, { from, to }: { from: number; to: number }): { from: number; to: number } {
  const $at = doc.resolve(from)
  if (from !== to || !$at.parent.isTextblock || !$at.parent.content.size) return { from, to }
  const atEnd = $at.parentOffset === $at.parent.content.size
  const pos = atEnd ? $at.after() : $at.parentOffset === 0 ? $at.before() : from
  return { from: pos, to: pos }
}

/** Text that says more than a line does is taken in by the core; the rest just goes in. */
function isMore(foreign: Foreign): boolean {
  if (foreign.html) return true
  return /\n\s*\S/.test(foreign.text.trim()) || /(\]\(|\*\*|^#{1,6} )/.test(foreign.text)
}

/** Hands what is pasted to the core. */
export function pastes(pasting: () => Pasting): Plugin {
  let textOnly = 0
  return new Plugin({
    props: {
      // What was copied here may hold more than this text offers; then the server holds it to that.
      handlePaste: (view, event, slice) => {
        if (fits(view.state, slice) || !event.clipboardData) return false
        pasting().paste(textsOn(event.clipboardData), 'FORMATTED')
        return true
      },
      handleDrop: (view, event, slice, moved) => {
        const at = view.posAtCoords({ left: event.clientX, top: event.clientY })
        if (moved || fits(view.state, slice) || !event.dataTransfer || !at) return false
        pasting().paste(textsOn(event.dataTransfer), 'FORMATTED', { from: at.pos, to: at.pos })
        return true
      },
      handleKeyDown: (_view, event) => {
        if ((event.ctrlKey || event.metaKey) && event.shiftKey && event.key.toLowerCase() === 'v') textOnly = Date.now()
        return false
      },
      // Before the sheet reads it: what is foreign is not parsed here at all.
      handleDOMEvents: {
        paste: (view, event) => {
          const only = Date.now() - textOnly < 1500 || textOnlyAlways()
          textOnly = 0
          const foreign = event.clipboardData && foreignIn(event.clipboardData)
          if (!foreign || (view.state.selection.$from.parent.type.spec.code && foreign.text)) return false
          // Lines with tabs that come into a table are cells; the browser reads them as plain text.
          if (!foreign.html && tableAt(view.state) && foreign.text.includes('\t')) return false
          event.preventDefault()
          pasting().paste(foreign, only ? 'PARAGRAPHS' : 'CLEAN')
          return true
        },
        drop: (view, event) => {
          const foreign = !view.dragging && event.dataTransfer && foreignIn(event.dataTransfer)
          const at = view.posAtCoords({ left: event.clientX, top: event.clientY })
          if (!foreign || !at || event.dataTransfer?.files.length) return false
          event.preventDefault()
          pasting().paste(foreign, textOnlyAlways() ? 'PARAGRAPHS' : 'CLEAN', { from: at.pos, to: at.pos })
          return true
        },
      },
    },
  })
}

/** What is foreign on a clipboard or under a drag; null where it was copied here, or is a few plain words. */
function foreignIn(data: DataTransfer): Foreign | null {
  const foreign = textsOn(data)
  return isOwn(foreign.html) || !isMore(foreign) ? null : foreign
}

function textsOn(data: DataTransfer): Foreign {
  return { html: data.getData('text/html'), text: data.getData('text/plain') }
}
