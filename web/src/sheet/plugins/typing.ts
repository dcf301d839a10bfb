import { InputRule, inputRules, textblockTypeInputRule, wrappingInputRule } from 'prosemirror-inputrules'
import type { Command, EditorState, Plugin, Transaction } from 'prosemirror-state'
import type { Quotes } from '../../shared/api/types'
import { readOwn, setOwn } from '../../shared/store/own'
import { startOf } from '../blocks/lists'
import { toggleQuote } from '../commands/quotes'
import { schema } from '../model/schema'
import { offers } from './toolset'

/** The helps while typing, each of which can be switched off. */
export const typingHelps = {
  starts:
    'Starts of lines: “## ” for a heading, “- ” and “1. ” for lists, “> ” for a quote, “``` ” for code, “---” for a divider',
  quotes: 'Straight quotation marks become curly ones',
  dashes: 'Two hyphens become a dash, three a long one',
  ellipsis: 'Three full stops become an ellipsis',
  links: 'Addresses become links',
} as const

export type Help = keyof typeof typingHelps

const KEPT = 'typing-helps-off'

/** The helps somebody has switched off. */
export function helpsOff(): Set<Help> {
  const kept = readOwn<unknown>(KEPT, [])
  return new Set(Array.isArray(kept) ? kept : [])
}

export function switchHelp(help: Help, on: boolean) {
  const off = helpsOff()
  if (on) off.delete(help)
  else off.add(help)
  setOwn(KEPT, off.size ? [...off] : undefined)
}

/** A rule that works only where the text offers the tool for what it makes. */
function makes(tool: (match: RegExpMatchArray) => string, rule: InputRule): InputRule {
  const inner = rule as unknown as { match: RegExp; handler: Handler }
  return new InputRule(inner.match, (state, match, start, end) =>
    offers(state, tool(match)) ? inner.handler(state, match, start, end) : null,
  )
}

/** A rule that works only while its help is on, and never where characters are meant as they are. */
function helped(help: Help, rule: InputRule): InputRule {
  const inner = rule as unknown as { match: RegExp; handler: Handler }
  return new InputRule(inner.match, (state, match, start, end) =>
    helpsOff().has(help) || isCode(state) ? null : inner.handler(state, match, start, end),
  )
}

type Handler = (state: EditorState, match: RegExpMatchArray, start: number, end: number) => Transaction | null

function isCode(state: EditorState): boolean {
  const { $from } = state.selection
  return !!schema.marks.code.isInSet(state.storedMarks ?? $from.marks())
}

/** Replaces the last characters and keeps the formatting they had. */
function turns(match: RegExp, into: string | ((m: RegExpMatchArray) => string)): InputRule {
  return new InputRule(match, (state, m, start, end) => {
    const typed = m[m.length - 1]
    const from = start + m[0].length - typed.length
    const text = typeof into === 'string' ? into : into(m)
    return state.tr.replaceWith(Math.min(from, end), end, schema.text(text, state.doc.resolve(end).marks()))
  })
}

const { heading, bulleted_list, numbered_list, code_block, divider, paragraph } = schema.nodes

/** A divider in the place of the signs for it; where none can stand they stay as they are. */
function dividerFor(state: EditorState, start: number, end: number): Transaction | null {
  const $at = state.doc.resolve(start)
  const holder = $at.depth ? $at.node(-1) : null
  if ($at.parent.type !== paragraph || !holder?.canReplaceWith($at.index(-1), $at.index(-1), divider)) return null
  return state.tr.delete(start, end).insert($at.before(), divider.create())
}

/** Makes a divider of a line that holds nothing but the signs for one; hyphens may be dashes by then. */
export const dividerBeforeEnter: Command = (state, dispatch) => {
  const { $from, empty } = state.selection
  if (!empty || helpsOff().has('starts') || !/^(\*\*\*|---|–-|—)$/.test($from.parent.textContent)) return false
  const made = offers(state, 'divider') ? dividerFor(state, $from.start(), $from.end()) : null
  if (made) dispatch?.(made.scrollIntoView())
  return !!made
}

function starts(): InputRule[] {
  return [
    makes(
      (m) => `heading-${m[1].length}`,
      textblockTypeInputRule(/^(#{1,6})\s$/, heading, (m) => ({ level: m[1].length })),
    ),
    makes(() => 'bulleted', wrappingInputRule(/^\s?[-*+]\s$/, bulleted_list)),
    makes(
      () => 'numbered',
      wrappingInputRule(
        /^(\d{1,3})[.)]\s$/,
        numbered_list,
        (m) => ({ start: Number(m[1]) }),
        (m, node) => !node.attrs.reversed && node.childCount + startOf(node) === Number(m[1]),
      ),
    ),
    makes(
      () => 'code-block',
      textblockTypeInputRule(/^```([\w+#.-]*)\s$/, code_block, (m) => ({ language: m[1] })),
    ),
    makes(
      () => 'quote',
      new InputRule(/^>\s$/, (state, _m, start, end) => {
        const cleared = state.apply(state.tr.delete(start, end))
        let made: Transaction | null = null
        if (!toggleQuote(cleared, (tr) => (made = tr))) return null
        const tr = state.tr.delete(start, end)
        for (const step of (made as unknown as Transaction).steps) tr.step(step)
        return tr.setSelection(
          (made as unknown as Transaction).selection.map(tr.doc, tr.mapping.slice(tr.steps.length)),
        )
      }),
    ),
    makes(
      () => 'divider',
      new InputRule(/^(\*\*\*|---|–-|—)\s$/, (state, _m, start, end) => dividerFor(state, start, end)),
    ),
  ].map((rule) => helped('starts', rule))
}

/** Curly quotes, dashes and ellipses as the language has them. */
function signs(quotes: () => Quotes): InputRule[] {
  const before = '(?:^|[\\s{[(<\'"\\u2018\\u201C\\u00AB\\u201E\\u2013\\u2014\\uFFFC])'
  return [
    helped(
      'quotes',
      turns(new RegExp(`${before}(")$`), () => quotes().openDouble),
    ),
    helped(
      'quotes',
      turns(/(")$/, () => quotes().closeDouble),
    ),
    // Behind a letter it is an apostrophe, unless it ends a quotation that stands open.
    helped(
      'quotes',
      turns(/[\p{L}\p{N}](')$/u, (m) => {
        const { openSingle, closeSingle } = quotes()
        const text = m.input ?? ''
        const opened = text.lastIndexOf(openSingle)
        return opened >= 0 && text.lastIndexOf(closeSingle) < opened ? closeSingle : '’'
      }),
    ),
    helped(
      'quotes',
      turns(new RegExp(`${before}(')$`), () => quotes().openSingle),
    ),
    helped(
      'quotes',
      turns(/(')$/, () => quotes().closeSingle),
    ),
    helped('dashes', turns(/(–-)$/, '—')),
    helped('dashes', turns(/(--)$/, '–')),
    helped('ellipsis', turns(/(\.\.\.)$/, '…')),
  ]
}

const ADDRESS = /(?:^|[\s(“„‚‘«])((?:https?:\/\/|www\.)[^\s<>"]+|[^\s@<>"(),:;“„‚‘«]+@[^\s@<>"(),:;]+\.[a-z]{2,})$/i

/** What ends a sentence or a bracket belongs to the text around an address. */
const BEHIND = /[.,;:!?')\]}’”“»]+$/

/** The bare address that ends at a place in a text, if one does. */
export function addressBefore(text: string): { words: string; href: string } | null {
  const words = text.replace(BEHIND, '').match(ADDRESS)?.[1]
  if (!words || !/^(https?:\/\/[^/\s.]+\.?[^\s]|www\.[^.\s]+\.|[^@\s]+@)/i.test(words)) return null
  const href =
    words.includes('@') && !/^https?:/i.test(words)
      ? `mailto:${words}`
      : /^www\./i.test(words)
        ? `https://${words}`
        : words
  return { words, href }
}

/** Links a bare address that ends at the cursor. */
function linkBefore(state: EditorState, tr: Transaction, text: string): boolean {
  const { $from } = state.selection
  const found = addressBefore(text)
  if (!found || helpsOff().has('links') || isCode(state) || !offers(state, 'link')) return false
  const start = $from.pos - (text.length - text.lastIndexOf(found.words))
  const end = start + found.words.length
  if (start < $from.start() || state.doc.rangeHasMark(start, end, schema.marks.link)) return false
  tr.addMark(start, end, schema.mark('link', { href: found.href }))
  return true
}

function textBefore(state: EditorState): string {
  const { $from } = state.selection
  return $from.parent.textBetween(0, $from.parentOffset, null, '\ufffc')
}

const links = new InputRule(/\S\s$/, (state) => {
  const tr = state.tr
  if (!linkBefore(state, tr, textBefore(state))) return null
  return tr.insertText(' ').removeStoredMark(schema.marks.link)
})

/** Links a bare address before the line is ended; the key itself goes on to what ends the line. */
export const linkBeforeEnter: Command = (state, dispatch) => {
  const { $from, empty } = state.selection
  if (!empty || !$from.parent.inlineContent || $from.parent.type.spec.code) return false
  const tr = state.tr
  if (linkBefore(state, tr, textBefore(state))) dispatch?.(tr)
  return false
}

/** The helps; the quotation marks are those of the language at the time. */
export function typing(quotes: () => Quotes): Plugin {
  return inputRules({ rules: [...starts(), ...signs(quotes), links] })
}
