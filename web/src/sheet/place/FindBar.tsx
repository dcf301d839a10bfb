import {
  findNext,
  findPrev,
  getSearchState,
  replaceAll,
  replaceNext,
  SearchQuery,
  setSearchState,
} from 'prosemirror-search'
import type { EditorState } from 'prosemirror-state'
import { useEffect, useMemo, useRef, useState } from 'react'
import { Button } from '../../shared/ui/Button'
import { useSheet } from '../state/context'
import { useEditor } from '../state/useEditor'

const box = 'h-7 min-w-24 flex-1 rounded-3 border border-edge bg-sheet px-2'

/** Find and replace in the text of the item, at the top of the sheet. */
export function FindBar({ onClose, asked }: { onClose: () => void; asked: number }) {
  const sheet = useSheet()
  const state = useEditor()
  const field = useRef<HTMLInputElement>(null)
  const [words, setWords] = useState(() => selected(sheet.state))
  const [other, setOther] = useState('')
  const [caseSensitive, setCase] = useState(false)
  const [wholeWord, setWhole] = useState(false)
  const [said, setSaid] = useState('')
  const query = useMemo(
    () => new SearchQuery({ search: words, replace: other, caseSensitive, wholeWord, literal: true }),
    [words, other, caseSensitive, wholeWord],
  )

  useEffect(() => {
    if (sheet.view) sheet.view.dispatch(setSearchState(sheet.view.state.tr, query))
  }, [query, sheet])

  useEffect(() => {
    if (!asked) return
    field.current?.focus()
    field.current?.select()
  }, [asked])

  const matches = useMemo(() => (words ? all(state, query) : []), [state.doc, query, words])
  const here = matches.findIndex((m) => m.from === state.selection.from && m.to === state.selection.to)

  function go(command: typeof findNext) {
    const view = sheet.view
    if (!view) return
    command(view.state, view.dispatch, view)
    // The field keeps the keyboard, so that Enter goes on.
    const { from } = view.state.selection
    const dom = view.domAtPos(from).node
    const element = dom instanceof HTMLElement ? dom : dom.parentElement
    element?.scrollIntoView({ block: 'center' })
  }

  function everything() {
    const count = matches.length
    go(replaceAll)
    setSaid(count === 1 ? 'Replaced 1 match.' : `Replaced ${count} matches.`)
  }

  function close() {
    if (sheet.view) sheet.view.dispatch(setSearchState(sheet.view.state.tr, new SearchQuery({ search: '' })))
    onClose()
    sheet.view?.focus()
  }

  return (
    <search
      aria-label="Find and replace"
      className="flex shrink-0 flex-wrap items-center gap-2 border-line border-b bg-paper px-3 py-1.5"
      onKeyDown={(e) => {
        if (e.key === 'Escape') {
          e.preventDefault()
          close()
        }
        if (e.key === 'F3') {
          e.preventDefault()
          go(e.shiftKey ? findPrev : findNext)
        }
      }}
    >
      <input
        ref={field}
        aria-label="Find"
        placeholder="Find in the text"
        // biome-ignore lint/a11y/noAutofocus: the bar is opened to type here
        autoFocus
        value={words}
        onChange={(e) => {
          setWords(e.target.value)
          setSaid('')
        }}
        onKeyDown={(e) => {
          if (e.key === 'Enter') {
            e.preventDefault()
            go(e.shiftKey ? findPrev : findNext)
          }
        }}
        className={box}
      />
      <output className="min-w-20 text-soft">
        {said ||
          (!words ? '' : matches.length ? `${here >= 0 ? `${here + 1} of ` : ''}${matches.length} found` : 'Not found')}
      </output>
      <Button onClick={() => go(findPrev)} aria-label="Previous match">
        ‹
      </Button>
      <Button onClick={() => go(findNext)} aria-label="Next match">
        ›
      </Button>
      <label className="flex items-center gap-1">
        <input type="checkbox" checked={caseSensitive} onChange={(e) => setCase(e.target.checked)} />
        Case
      </label>
      <label className="flex items-center gap-1">
        <input type="checkbox" checked={wholeWord} onChange={(e) => setWhole(e.target.checked)} />
        Whole word
      </label>
      <input
        aria-label="Replace with"
        placeholder="Replace with"
        value={other}
        onChange={(e) => setOther(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter') {
            e.preventDefault()
            go(replaceNext)
          }
        }}
        className={box}
      />
      <Button onClick={() => go(replaceNext)} blocked={matches.length ? '' : 'There is nothing to replace.'}>
        Replace
      </Button>
      <Button onClick={everything} blocked={matches.length ? '' : 'There is nothing to replace.'}>
        All
      </Button>
      <Button look="quiet" onClick={close} aria-label="Close find and replace">
        ×
      </Button>
    </search>
  )
}

function selected(state: EditorState): string {
  const { from, to, $from, $to } = state.selection
  const kept = getSearchState(state)?.query.search ?? ''
  return from < to && $from.sameParent($to) && to - from < 200 ? state.doc.textBetween(from, to) : kept
}

/** At most this many are counted; more nobody goes through one by one. */
const MOST = 5000

function all(state: EditorState, query: SearchQuery): { from: number; to: number }[] {
  const out: { from: number; to: number }[] = []
  let from = 0
  while (query.valid && out.length < MOST) {
    const found = query.findNext(state, from)
    if (!found) break
    out.push(found)
    from = Math.max(found.to, found.from + 1)
  }
  return out
}
