import { autocompletion, type CompletionContext, closeBrackets } from '@codemirror/autocomplete'
import { defaultKeymap, history, historyKeymap, indentWithTab } from '@codemirror/commands'
import { html } from '@codemirror/lang-html'
import { markdown } from '@codemirror/lang-markdown'
import {
  bracketMatching,
  codeFolding,
  defaultHighlightStyle,
  foldGutter,
  foldKeymap,
  syntaxHighlighting,
} from '@codemirror/language'
import { type Diagnostic, linter, lintGutter } from '@codemirror/lint'
import { highlightSelectionMatches, openSearchPanel, search, searchKeymap } from '@codemirror/search'
import { Compartment, EditorSelection, EditorState, Transaction } from '@codemirror/state'
import { drawSelection, EditorView, highlightActiveLine, keymap, lineNumbers } from '@codemirror/view'
import type { TypedMarkup } from '../../shared/api/types'
import type { Change } from './change'

export type MarkupLanguage = 'HTML' | 'MARKDOWN'

/** Puts something around what is selected, or at the start of its lines. */
export interface Wrapper {
  name: string
  before: string
  after?: string
  /** For the start of lines. */
  lines?: boolean
}

export const wrappers: Record<MarkupLanguage, Wrapper[]> = {
  HTML: [
    { name: 'Bold', before: '<strong>', after: '</strong>' },
    { name: 'Italic', before: '<em>', after: '</em>' },
    { name: 'Link', before: '<a href="https://">', after: '</a>' },
    { name: 'Paragraph', before: '<p>', after: '</p>' },
    { name: 'Heading', before: '<h2>', after: '</h2>' },
    { name: 'List', before: '<ul>\n<li>', after: '</li>\n</ul>' },
  ],
  MARKDOWN: [
    { name: 'Bold', before: '**', after: '**' },
    { name: 'Italic', before: '*', after: '*' },
    { name: 'Link', before: '[', after: '](https://)' },
    { name: 'Heading', before: '## ', lines: true },
    { name: 'List', before: '- ', lines: true },
    { name: 'Quote', before: '> ', lines: true },
  ],
}

interface Hooks {
  check: (text: string, language: MarkupLanguage) => Promise<TypedMarkup>
  changed: () => void
}

export interface MarkupEditor {
  show: (text: string, language: MarkupLanguage) => void
  /** Shows what the text has become elsewhere: the cursor and the keyboard stay where they are, and Undo takes nothing of it back. */
  follow: (change: Change) => void
  text: () => string
  language: () => MarkupLanguage
  /** Whether anything was typed since the text was shown. */
  touched: () => boolean
  wrap: (w: Wrapper) => void
  find: () => void
  focus: () => void
  destroy: () => void
}

/** The code editor of the markup view. */
export function makeEditor(place: HTMLElement, elements: string[], hooks: Hooks): MarkupEditor {
  let language: MarkupLanguage = 'HTML'
  let touched = false
  let showing = false
  const grammarOf = new Compartment()

  /** Only elements that the format has are offered. */
  const complete = (context: CompletionContext) => {
    const word = context.matchBefore(/<\/?[a-z0-9]*$/)
    if (!word || language !== 'HTML') return null
    return {
      from: word.from + (word.text.startsWith('</') ? 2 : 1),
      options: elements.map((label) => ({ label, type: 'type' })),
    }
  }

  const check = linter(
    async (view): Promise<Diagnostic[]> => {
      const text = view.state.doc.toString()
      if (language !== 'HTML') {
        await hooks.check(text, language).catch(() => null)
        return []
      }
      const read = await hooks.check(text, language).catch(() => null)
      const length = view.state.doc.length
      return (read?.remarks ?? []).map((r) => ({
        from: Math.min(r.from, length),
        to: Math.min(Math.max(r.to, r.from), length),
        severity: r.severity === 'ERROR' ? 'error' : 'warning',
        message: r.message,
      }))
    },
    { delay: 400 },
  )

  const grammar = () =>
    language === 'HTML' ? html({ matchClosingTags: true, autoCloseTags: false }) : markdown({ htmlTagLanguage: html() })

  const view = new EditorView({
    parent: place,
    state: EditorState.create({
      doc: '',
      extensions: [
        lineNumbers(),
        foldGutter(),
        codeFolding(),
        lintGutter(),
        history(),
        drawSelection(),
        bracketMatching(),
        closeBrackets(),
        highlightActiveLine(),
        highlightSelectionMatches(),
        syntaxHighlighting(defaultHighlightStyle),
        search({ top: true }),
        autocompletion({ override: [complete] }),
        EditorView.lineWrapping,
        grammarOf.of(grammar()),
        check,
        // Escape, then Tab, leaves the editor by keyboard.
        keymap.of([...defaultKeymap, ...historyKeymap, ...searchKeymap, ...foldKeymap, indentWithTab]),
        EditorView.contentAttributes.of({ 'aria-label': 'Markup of the item' }),
        EditorView.updateListener.of((u) => {
          if (!u.docChanged || showing) return
          touched = true
          hooks.changed()
        }),
      ],
    }),
  })

  return {
    show(text, next) {
      language = next
      touched = false
      showing = true
      view.dispatch({
        changes: { from: 0, to: view.state.doc.length, insert: text },
        effects: grammarOf.reconfigure(grammar()),
      })
      showing = false
      view.focus()
    },
    follow(changes) {
      showing = true
      view.dispatch({ changes, annotations: Transaction.addToHistory.of(false) })
      showing = false
    },
    text: () => view.state.doc.toString(),
    language: () => language,
    touched: () => touched,
    wrap(w) {
      view.dispatch(
        view.state.changeByRange((range) => {
          if (w.lines) {
            const line = view.state.doc.lineAt(range.from)
            return {
              changes: { from: line.from, insert: w.before },
              range: EditorSelection.range(range.anchor + w.before.length, range.head + w.before.length),
            }
          }
          const changes = [
            { from: range.from, insert: w.before },
            { from: range.to, insert: w.after ?? '' },
          ]
          return {
            changes,
            range: EditorSelection.range(range.from + w.before.length, range.to + w.before.length),
          }
        }),
      )
      view.focus()
    },
    find: () => openSearchPanel(view),
    focus: () => view.focus(),
    destroy: () => view.destroy(),
  }
}
