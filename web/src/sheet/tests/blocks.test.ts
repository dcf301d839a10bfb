import { type Command, EditorState, NodeSelection, Selection, TextSelection } from 'prosemirror-state'
import { describe, expect, it } from 'vitest'
import { columnsTakeIn, insertBefore, insertColumns, insertPicked } from '../commands/blocks'
import { readHtml } from '../model/read'
import { schema } from '../model/schema'
import { writeHtml } from '../model/write'

/** Where some words begin. */
function placeOf(state: EditorState, words: string): number {
  let at = -1
  state.doc.descendants((node, pos) => {
    const index = node.isText ? (node.text ?? '').indexOf(words) : -1
    if (index >= 0 && at < 0) at = pos + index
  })
  return at
}

/** A text in which everything from some words to others is selected; the cursor before the first, without the second. */
function selected(html: string, from: string, to = ''): EditorState {
  const state = EditorState.create({ doc: readHtml(html) })
  const start = placeOf(state, from)
  const end = to ? placeOf(state, to) + to.length : start
  return state.apply(state.tr.setSelection(TextSelection.create(state.doc, start, end)))
}

function run(state: EditorState, command: Command): EditorState {
  let after = state
  expect(command(state, (tr) => (after = state.apply(tr)))).toBe(true)
  return after
}

const html = (state: EditorState) => writeHtml(state.doc).replace(/\s*\n\s*/g, '')

const TEXT = '<p>One</p>\n<h2>Two</h2>\n<p>Three</p>\n<ul>\n<li>Four</li>\n<li>Five</li>\n</ul>\n<p>Six</p>'

describe('side-by-side columns', () => {
  it('share out the selected blocks in their order', () => {
    const before = selected(TEXT, 'One', 'Four')
    expect(columnsTakeIn(before)).toBe(4)
    const after = run(before, insertColumns([1, 1]))
    // The heading does not end the first column.
    expect(html(after)).toBe(
      '<div class="columns"><div class="column"><p>One</p></div><div class="column"><h2>Two</h2><p>Three</p><ul><li>Four</li><li>Five</li></ul></div></div><p>Six</p>',
    )
    after.doc.check()
  })

  it('take in the block of a few selected words, and the cursor goes into the next column', () => {
    const after = run(selected(TEXT, 'Thr', 'ee'), insertColumns([2, 1, 1]))
    expect(html(after)).toContain(
      '<div class="column" style="flex-grow: 2"><p>Three</p></div><div class="column"></div><div class="column"></div>',
    )
    const { $from } = after.selection
    expect($from.node(-1).type.name).toBe('column')
    expect($from.index(-2)).toBe(1)
  })

  it('take in a whole list of which some entries are selected', () => {
    const after = run(selected(TEXT, 'Four', 'Five'), insertColumns([1, 1]))
    expect(html(after)).toContain('<div class="column"><ul><li>Four</li><li>Five</li></ul></div>')
  })

  it('lose no word, wherever a selection begins and ends', () => {
    const words = ['One', 'Two', 'Three', 'Four', 'Five', 'Six']
    const all = (state: EditorState) => state.doc.textContent
    for (const wrapped of [TEXT, `<blockquote>\n${TEXT}\n</blockquote>`, `<aside class="note">\n${TEXT}\n</aside>`]) {
      for (let i = 0; i < words.length; i++) {
        for (let j = i; j < words.length; j++) {
          for (const shares of [
            [1, 1],
            [1, 2, 1],
            [1, 1, 1, 1],
          ]) {
            const after = run(selected(wrapped, words[i], words[j]), insertColumns(shares))
            after.doc.check()
            expect(all(after)).toBe(words.join(''))
          }
        }
      }
    }
  })

  it('come after the block of a cursor, as they always did', () => {
    const after = run(selected(TEXT, 'One'), insertColumns([1, 1]))
    expect(html(after)).toMatch(/^<p>One<\/p><div class="columns">/)
  })
})

describe('a jump target', () => {
  const target = schema.node('jump_target', { anchor: 'here' })

  it('comes before what the cursor is in, which is written on', () => {
    const after = run(selected(TEXT, 'ree'), insertBefore(target))
    expect(html(after)).toContain(
      '<h2>Two</h2><p id="here"></p><p>Three</p>'.replace('<p id="here"></p>', html(only())),
    )
    expect(after.selection.$from.parent.textContent).toBe('Three')
    expect(after.selection.$from.parentOffset).toBe(2)
  })

  it('comes before a list, and before a picked block', () => {
    expect(html(run(selected(TEXT, 'Five'), insertBefore(target)))).toContain(`${html(only())}<ul>`)
    const state = EditorState.create({ doc: readHtml('<p>One</p>\n<hr>\n<p>Two</p>') })
    const picked = state.apply(state.tr.setSelection(NodeSelection.create(state.doc, 5)))
    expect(html(run(picked, insertBefore(target)))).toBe(`<p>One</p>${html(only())}<hr><p>Two</p>`)
  })

  function only(): EditorState {
    return EditorState.create({ doc: schema.node('doc', null, [target]) })
  }
})

describe('a new picture', () => {
  it('is picked', () => {
    const picture = schema.node('picture', { src: '../assets/a.png' })
    const after = run(selected(TEXT, 'One'), insertPicked(picture))
    expect((after.selection as NodeSelection).node.type.name).toBe('picture')
    expect(html(after)).toMatch(/^<p>One<\/p><figure /)
    expect(Selection.atEnd(after.doc).from).toBeGreaterThan(after.selection.to)
  })
})
