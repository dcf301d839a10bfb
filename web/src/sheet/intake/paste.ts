import { undo } from 'prosemirror-history'
import type { Node } from 'prosemirror-model'
import { type EditorState, Plugin, type Transaction } from 'prosemirror-state'
import type { EditorView } from 'prosemirror-view'
import { answer, client } from '../../shared/api/client'
import type { IntakeResult, PasteMode } from '../../shared/api/types'
import { keep, readKept } from '../../shared/base/kept'
import { Store } from '../../shared/base/store'
import { tableAt } from '../commands/tables'
import { targetsOf } from '../links/targets'
import { put, setPlace, stretchOf } from './range'

const KEPT = 'blenner.paste-text-only'

/** Whether somebody has made “text only” their way of pasting, in this browser. */
export const textOnlyAlways = () => readKept<unknown>(KEPT, false) === true

/** What came from a clipboard or a file, before anything was done to it. */
export interface Foreign {
  html: string
  text: string
}

/** Foreign text that was put into the sheet, and how. */
export interface Placed {
  foreign: Foreign
  mode: PasteMode
  headings: boolean
  result: IntakeResult
}

/** What taking foreign text in needs of the sheet it goes into. */
export interface PasteHost {
  readonly state: EditorState
  readonly view: EditorView | null
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

  /** Takes text in at the selection. Where the server cannot be asked, `otherwise` is done. */
  async paste(foreign: Foreign, mode: PasteMode, otherwise: () => void) {
    this.placed = null
    this.sheet.dispatch(setPlace(this.sheet.state))
    const result = await this.ask(foreign, mode, false)
    if (!result) return otherwise()
    this.sheet.dispatch(put(this.sheet.state, result.body, foreign.text))
    this.keep({ foreign, mode, headings: false, result })
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
    sheet.dispatch(put(sheet.state, result.body))
    sheet.focus()
    this.changed()
  }

  /** Takes the text of the clipboard in without its form, where the browser lets one read it. */
  async pasteText() {
    try {
      const text = await navigator.clipboard.readText()
      await this.paste({ html: '', text }, 'PARAGRAPHS', () => this.sheet.view?.pasteText(text))
      this.sheet.focus()
    } catch {
      this.sheet.tell('The browser does not let Blenner read the clipboard. Press Ctrl+Shift+V in the text instead.')
    }
  }

  /** Takes the same text in another way, in the place of the first. */
  async change(mode: PasteMode, headings: boolean) {
    const was = this.placed
    if (!was) return
    const result = await this.ask(was.foreign, mode, headings)
    if (!result || this.placed !== was) return
    const { sheet } = this
    if (sheet.state.doc === this.after) {
      undo(sheet.state, (tr) => sheet.dispatch(tr))
    }
    sheet.dispatch(put(sheet.state, result.body, was.foreign.text))
    this.keep({ foreign: was.foreign, mode, headings, result })
    sheet.focus()
  }

  /** Makes text only the way of pasting from now on, or formatted text again. */
  always(textOnly: boolean) {
    keep(KEPT, textOnly)
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

  private async ask(foreign: Foreign, mode: PasteMode, headings: boolean): Promise<IntakeResult | null> {
    this.busy = true
    this.changed()
    try {
      const namesInUse = this.namesElsewhere()
      return await answer(client.POST('/editor/api/intake/paste', { body: { ...foreign, mode, headings, namesInUse } }))
    } catch (error) {
      this.sheet.tell(`${(error as Error).message} What was pasted has been taken as the browser gives it.`)
      return null
    } finally {
      this.busy = false
      this.changed()
    }
  }
}

/** Whether what came is cells of a table and nothing else. */
function isCells({ html, text }: Foreign): boolean {
  if (!html) return text.includes('\t')
  const body = new DOMParser().parseFromString(html, 'text/html').body
  const table = body.querySelector('table')
  return !!table && body.textContent?.trim() === table.textContent?.trim()
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
      handleKeyDown: (_view, event) => {
        if ((event.ctrlKey || event.metaKey) && event.shiftKey && event.key.toLowerCase() === 'v') textOnly = Date.now()
        return false
      },
      handlePaste: (view, event) => {
        const data = event.clipboardData
        const only = Date.now() - textOnly < 1500 || textOnlyAlways()
        textOnly = 0
        if (!data) return false
        const html = data.getData('text/html')
        const text = data.getData('text/plain')
        // What was copied from a sheet comes back as it was.
        if (/data-pm-slice/.test(html) || view.state.selection.$from.parent.type.spec.code) return false
        const foreign = { html, text }
        // Cells pasted into a table go cell by cell.
        if (tableAt(view.state) && isCells(foreign)) return false
        if (!isMore(foreign) || (!html && !text)) return false
        pasting().paste(foreign, only ? 'PARAGRAPHS' : 'CLEAN', () => {
          if (html && !only) view.pasteHTML(html)
          else view.pasteText(text)
        })
        return true
      },
    },
  })
}
