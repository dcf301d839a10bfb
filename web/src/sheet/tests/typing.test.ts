import { EditorState, TextSelection } from 'prosemirror-state'
import type { EditorView } from 'prosemirror-view'
import { afterEach, describe, expect, it } from 'vitest'
import type { Quotes } from '../../shared/api/types'
import { readHtml } from '../model/read'
import { writeHtml } from '../model/write'
import { addressBefore, dividerBeforeEnter, switchHelp, typing, typingHelps } from '../plugins/typing'

const english: Quotes = { openDouble: '“', closeDouble: '”', openSingle: '‘', closeSingle: '’' }
const german: Quotes = { openDouble: '„', closeDouble: '“', openSingle: '‚', closeSingle: '‘' }
const french: Quotes = { openDouble: '«\u00a0', closeDouble: '\u00a0»', openSingle: '‹', closeSingle: '›' }

/** What becomes of a text that is typed character by character into an empty line, or into some stored HTML. */
function typed(text: string, quotes = english, into = '<p></p>'): string {
  const plugin = typing(() => quotes)
  let state = EditorState.create({ doc: readHtml(into), plugins: [plugin] })
  const view = {
    composing: false,
    get state() {
      return state
    },
    dispatch(tr: typeof state.tr) {
      state = state.apply(tr)
    },
  } as unknown as EditorView
  for (const character of text) {
    const { from, to } = state.selection
    const taken = plugin.props.handleTextInput?.call(plugin, view, from, to, character, () => state.tr)
    if (!taken) state = state.apply(state.tr.insertText(character))
  }
  return writeHtml(state.doc)
}

afterEach(() => {
  for (const help of Object.keys(typingHelps)) switchHelp(help as keyof typeof typingHelps, true)
})

describe('quotation marks while typing', () => {
  it.each([
    ['She said "no".', english, '<p>She said “no”.</p>'],
    ['("Why?")', english, '<p>(“Why?”)</p>'],
    [`"'Yes,' he said."`, english, '<p>“‘Yes,’ he said.”</p>'],
    [`It's the dogs' day`, english, '<p>It’s the dogs’ day</p>'],
    ['Sie sagte "nein".', german, '<p>Sie sagte „nein“.</p>'],
    [`Er heißt 'Otto' hier`, german, '<p>Er heißt ‚Otto‘ hier</p>'],
    [`Otto's Hund`, german, '<p>Otto’s Hund</p>'],
    ['Il dit "non".', french, '<p>Il dit «&nbsp;non&nbsp;».</p>'],
  ])('%s', (text, quotes, expected) => {
    expect(typed(text, quotes)).toBe(expected)
  })
})

describe('dashes and ellipses while typing', () => {
  it.each([
    ['pages 3--4', '<p>pages 3–4</p>'],
    ['so---then', '<p>so—then</p>'],
    ['wait...', '<p>wait…</p>'],
    ['a-b', '<p>a-b</p>'],
  ])('%s', (text, expected) => {
    expect(typed(text)).toBe(expected)
  })

  it('keeps the formatting of what was typed', () => {
    expect(typed('x--', english, '<p><strong>bold</strong></p>')).toContain('–')
  })
})

describe('starts of lines', () => {
  it.each([
    ['## Moons', '<h2>Moons</h2>'],
    ['- one', '<ul>\n<li>one</li>\n</ul>'],
    ['1. one', '<ol>\n<li>one</li>\n</ol>'],
    ['3) three', '<ol start="3">\n<li>three</li>\n</ol>'],
    ['####### seven', '<p>####### seven</p>'],
    ['1999. A year', '<p>1999. A year</p>'],
    ['#Moons', '<p>#Moons</p>'],
  ])('%s', (text, expected) => {
    expect(typed(text)).toBe(expected)
  })

  it('makes a quote of a greater-than sign, and keeps what is typed in it', () => {
    expect(typed('> said')).toBe('<figure class="quote"><blockquote>\n<p>said</p>\n</blockquote></figure>')
  })

  it.each([['--- '], ['*** ']])('makes a divider of %s', (text) => {
    expect(typed(text)).toBe('<hr>')
  })

  it('leaves a dash that begins a line of words', () => {
    expect(typed('---No.')).toBe('<p>—No.</p>')
  })

  it.each(['---', '***', 'so ---'])('and of %s before Enter where it stands alone', (text) => {
    const state = EditorState.create({ doc: readHtml(typed(text) || '<p></p>') })
    const end = state.apply(state.tr.setSelection(TextSelection.atEnd(state.doc)))
    expect(dividerBeforeEnter(end)).toBe(!text.startsWith('so'))
  })

  it('makes a code block in which characters stay as they are', () => {
    expect(typed('``` "a" -- ...')).toBe('<pre><code>"a" -- ...</code></pre>')
  })

  it('does nothing in the middle of a line', () => {
    expect(typed('see ## here')).toBe('<p>see ## here</p>')
  })
})

describe('addresses while typing', () => {
  it.each([
    ['see https://example.org/a ', '<p>see <a href="https://example.org/a">https://example.org/a</a> </p>'],
    ['(www.example.org) ', '<p>(<a href="https://www.example.org">www.example.org</a>) </p>'],
    ['to ada@example.org. ', '<p>to <a href="mailto:ada@example.org">ada@example.org</a>. </p>'],
    ['"ada@example.org", she said', '<p>“<a href="mailto:ada@example.org">ada@example.org</a>”, she said</p>'],
    [
      '(see www.example.org/a?b=c); ',
      '<p>(see <a href="https://www.example.org/a?b=c">www.example.org/a?b=c</a>); </p>',
    ],
    ['and/or x@y ', '<p>and/or x@y </p>'],
  ])('%s', (text, expected) => {
    expect(typed(text)).toBe(expected)
  })

  it.each(['https://', 'www.', 'http://.', 'a@b', '@example.org', 'ftp', ''])('%s is none', (text) => {
    expect(addressBefore(text)).toBeNull()
  })
})

describe('a help that is switched off', () => {
  it.each([
    ['quotes', 'a "b" c', '<p>a "b" c</p>'],
    ['dashes', 'a--b', '<p>a--b</p>'],
    ['ellipsis', 'a...', '<p>a...</p>'],
    ['starts', '## a', '<p>## a</p>'],
    ['links', 'www.example.org ', '<p>www.example.org </p>'],
  ] as const)('leaves %s alone', (help, text, expected) => {
    switchHelp(help, false)
    expect(typed(text)).toBe(expected)
  })
})
