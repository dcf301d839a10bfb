import { EditorState, Selection, TextSelection } from 'prosemirror-state'
import { describe, expect, it } from 'vitest'
import format from '../../../../docs/format.md?raw'
import { readHtml } from '../model/read'
import { writeHtml } from '../model/write'
import { prompts } from '../plugins/prompts'
import { difference, replacement, withWords } from '../state/changes'

const examples = [...format.matchAll(/```html\n([\s\S]*?)\n```/g)].map((m) => m[1])

function replaced(from: string, to: string): string {
  const state = EditorState.create({ doc: readHtml(from) })
  const tr = replacement(state, to)
  return tr ? writeHtml(state.apply(tr).doc) : from
}

describe('a newer text that takes the place of the one on the sheet', () => {
  it('is exactly the newer one, whatever blocks there were and are', () => {
    // Each beside each would be a thousand: every one meets eleven others.
    for (const [i, from] of examples.entries()) {
      for (let n = i; n < i + 33; n += 3) {
        const to = examples[n % examples.length]
        expect(replaced(from, to)).toBe(to)
      }
    }
  })

  it('is exactly the newer one where blocks came, went or changed places', () => {
    const all = examples.slice(0, 8)
    for (let i = 0; i < all.length; i++) {
      const without = all.filter((_, n) => n !== i)
      const moved = [...without.slice(3), all[i], ...without.slice(0, 3)]
      for (const other of [without, moved, [...all, all[i]], all.slice().reverse()]) {
        expect(replaced(all.join('\n'), other.join('\n'))).toBe(other.join('\n'))
        expect(replaced(other.join('\n'), all.join('\n'))).toBe(all.join('\n'))
      }
    }
  })

  it('leaves the cursor at the word it was at', () => {
    const words = '<p>One two three.</p>\n<p>Four five six.</p>'
    const state = EditorState.create({ doc: readHtml(words) })
    const at = state.doc.textBetween(0, state.doc.content.size, '\n', '\n').indexOf('five') + 2
    const there = state.apply(state.tr.setSelection(TextSelection.create(state.doc, at)))
    for (const newer of [
      '<p>One and two and three.</p>\n<p>Four five six.</p>',
      '<p>Four five six.</p>',
      '<h2>New</h2>\n<p>One two three.</p>\n<p>Four five six.</p>',
      '<p>One two three.</p>\n<p>Four five six and seven.</p>\n<p>Eight.</p>',
    ]) {
      const tr = replacement(there, newer)
      expect(tr).not.toBeNull()
      if (!tr) continue
      const after = there.apply(tr)
      const { $from } = after.selection
      expect($from.parent.textContent.slice($from.parentOffset)).toMatch(/^(five|ive|e five) six/)
    }
  })

  it('is nothing where both are the same', () => {
    for (const example of examples) {
      expect(difference(readHtml(example), example)).toBeNull()
    }
  })
})

describe('words that are put in', () => {
  it('fill an empty line, and come below a line with words', () => {
    const empty = EditorState.create({ doc: readHtml('<p></p>') })
    expect(writeHtml(empty.apply(withWords(empty, 'A note')).doc)).toBe('<p>A note</p>')
    const full = EditorState.create({ doc: readHtml('<p>Said</p>\n<h2>Next</h2>') })
    const at = full.apply(full.tr.setSelection(Selection.atStart(full.doc)))
    expect(writeHtml(at.apply(withWords(at, 'A note')).doc)).toBe('<p>Said</p>\n<p>A note</p>\n<h2>Next</h2>')
  })

  it('come below the table, list or quote with the cursor, and tear none of them apart', () => {
    for (const example of examples) {
      const state = EditorState.create({ doc: readHtml(example), plugins: [prompts] })
      for (const start of [Selection.atStart(state.doc), Selection.atEnd(state.doc)]) {
        const there = state.apply(state.tr.setSelection(start))
        const after = there.apply(withWords(there, 'A note'))
        after.doc.check()
        const html = writeHtml(after.doc)
        expect(html).toContain('A note')
        expect(writeHtml(readHtml(html))).toBe(html)
      }
    }
  })
})
