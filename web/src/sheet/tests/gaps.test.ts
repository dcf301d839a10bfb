import { EditorState, TextSelection } from 'prosemirror-state'
import { expect, test } from 'vitest'
import { readHtml } from '../model/read'
import { schema } from '../model/schema'
import { togglePrompt, toPrompt } from '../plugins/prompts'

const inside = (holder: string) =>
  ({
    list: (gap: string) => `<ul><li>${gap}</li></ul>`,
    table: (gap: string) => `<table><tbody><tr><td>${gap}</td><td><p>b</p></td></tr></tbody></table>`,
    quote: (gap: string) => `<blockquote>${gap}</blockquote>`,
    text: (gap: string) => gap,
  })[holder as 'list'](`<p>gap</p>`)

/** A text in which every paragraph that says "gap" is one. */
function withGaps(html: string): EditorState {
  let state = EditorState.create({ doc: readHtml(html) })
  for (;;) {
    let at = 0
    state.doc.descendants((node, pos) => {
      if (!at && node.type === schema.nodes.paragraph && node.textContent === 'gap') at = pos + 1
    })
    if (!at) return state
    state = state.apply(state.tr.setSelection(TextSelection.create(state.doc, at)))
    const before = state
    togglePrompt(state, (tr) => {
      state = state.apply(tr)
    })
    if (state === before) return state
  }
}

test.each(['text', 'list', 'table', 'quote'])('a key goes to every gap in turn, also in a %s', (holder) => {
  let state = withGaps(`<p>gap</p><p>words</p>${inside(holder)}<p>gap</p>`)
  const gaps: number[] = []
  state.doc.descendants((node, pos) => {
    if (node.type === schema.nodes.prompt) gaps.push(pos + 1)
  })
  state = state.apply(state.tr.setSelection(TextSelection.atStart(state.doc)))
  const seen: number[] = []
  for (let i = 0; i < gaps.length; i++) {
    toPrompt(1)(state, (tr) => {
      state = state.apply(tr)
    })
    seen.push(state.selection.from)
  }
  expect([...seen].sort((a, b) => a - b)).toEqual(gaps)
  expect(gaps.length).toBeGreaterThanOrEqual(2)
  toPrompt(-1)(state, (tr) => {
    state = state.apply(tr)
  })
  expect(gaps).toContain(state.selection.from)
})

test('where there is no gap the key does nothing', () => {
  expect(toPrompt(1)(EditorState.create({ doc: readHtml('<p>words</p>') }))).toBe(false)
})
