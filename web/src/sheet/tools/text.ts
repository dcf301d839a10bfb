import type { EditorState } from 'prosemirror-state'
import { kinds } from '../blocks/kinds'
import type { Family } from '../blocks/spec'
import { toggleCode } from '../commands/blocks'
import * as m from '../commands/marks'
import { toAttribution, togglePull, toggleQuote } from '../commands/quotes'
import * as s from '../commands/style'
import * as t from '../commands/text'
import { schema } from '../model/schema'
import { togglePrompt } from '../plugins/prompts'
import type { InsertEntry, Tool } from './tool'

function mark(name: string, title: string, keys: string, words: string, place: Pick<Tool, 'strip' | 'menus'>): Tool {
  return {
    id: name,
    name: title,
    group: 'text',
    keys,
    words,
    ...place,
    command: m.toggle(name),
    on: (state) => m.hasMark(state, schema.marks[name]),
  }
}

/** Where words can carry a meaning or formatting: in running text, but not in code. */
function inWords(state: EditorState): boolean {
  const { $from } = state.selection
  return $from.parent.inlineContent && !$from.parent.type.spec.code
}

/** Where a phrase is picked, or the cursor is in one that has it. */
function onPhrase(name: string) {
  return (state: EditorState) => inWords(state) && (!state.selection.empty || m.markValue(state, name) !== null)
}

function entry(sign: string, about: string, family: Family = 'text'): InsertEntry {
  return { sign, about, family }
}

function character(id: string, name: string, keys: string, text: string): Tool {
  return {
    id,
    name,
    group: 'text',
    keys,
    words: 'special character',
    menus: { more: 3 },
    command: (state, dispatch) => {
      if (!state.selection.$from.parent.inlineContent) return false
      dispatch?.(state.tr.insertText(text).scrollIntoView())
      return true
    },
  }
}

/** Tools for how words look and what they mean. */
export const textTools: Tool[] = [
  mark('strong', 'Bold', 'Mod-b', 'strong', { strip: { label: 'B', look: 'bold', always: true } }),
  mark('emphasis', 'Italic', 'Mod-i', 'emphasis', { strip: { label: 'I', look: 'italic', always: true } }),
  mark('underline', 'Underline', 'Mod-u', '', { strip: { label: 'U', look: 'underline' } }),
  mark('strikethrough', 'Strikethrough', 'Mod-Shift-x', 'struck deleted', { menus: { more: 1 } }),
  mark('superscript', 'Superscript', 'Mod-Alt-u', 'raised upper', { menus: { more: 1 } }),
  mark('subscript', 'Subscript', 'Mod-Alt-l', 'lowered', { menus: { more: 1 } }),
  mark('code', 'Code', 'Mod-e', 'monospace', { menus: { more: 1 } }),
  {
    id: 'highlight',
    name: 'Highlight',
    group: 'text',
    keys: 'Mod-Shift-h',
    words: 'marker background',
    menus: { more: 1 },
    ask: 'highlight',
    can: inWords,
    on: (state) => m.markValue(state, 'highlight') !== null,
  },
  {
    id: 'colour',
    name: 'Colour',
    group: 'text',
    keys: 'Mod-Alt-c',
    words: 'text colour palette',
    strip: { label: 'Colour' },
    ask: 'colour',
    can: inWords,
    on: (state) => m.markValue(state, 'colour') !== null,
  },
  {
    id: 'type',
    name: 'Colour and type',
    group: 'text',
    words: 'text colour highlight font size named style contrast',
    menus: { more: 1 },
    ask: 'type',
    can: inWords,
    on: (state) => ['font', 'size', 'style'].some((name) => m.markValue(state, name) !== null),
  },
  {
    id: 'abbreviation',
    name: 'Abbreviation',
    group: 'text',
    keys: 'Mod-Alt-a',
    words: 'meaning short form',
    menus: { more: 2 },
    ask: 'abbreviation',
    can: onPhrase('abbreviation'),
    on: (state) => m.markValue(state, 'abbreviation') !== null,
  },
  {
    id: 'language',
    name: 'Language of the phrase',
    group: 'text',
    keys: 'Mod-Alt-y',
    words: 'foreign words',
    menus: { more: 2 },
    ask: 'language',
    can: onPhrase('language'),
    on: (state) => m.markValue(state, 'language') !== null,
  },
  {
    id: 'link',
    name: 'Link',
    group: 'text',
    keys: 'Mod-k',
    words: 'address page mail telephone',
    strip: { label: 'Link', always: true },
    ask: 'link',
    can: inWords,
    on: (state) => m.hasMark(state, schema.marks.link),
  },
  {
    id: 'merge-field',
    name: 'Merge field',
    group: 'text',
    words: 'placeholder variable name of the site date title fill in',
    menus: { more: 3, insert: 4 },
    insert: entry(kinds.prompt.sign, 'Filled in by itself: a date, the site’s name', 'site'),
    ask: 'merge-field',
    can: inWords,
  },
  {
    id: 'characters',
    name: 'Special characters',
    group: 'text',
    keys: 'Mod-Alt-s',
    words: 'symbol sign',
    menus: { more: 3 },
    ask: 'characters',
    can: (state) => state.selection.$from.parent.inlineContent,
  },
  character('no-break-space', 'No-break space', 'Mod-Shift-Space', '\u00a0'),
  character('soft-hyphen', 'Soft hyphen', 'Mod-Alt-h', '\u00ad'),
  {
    id: 'clear',
    name: 'Clear formatting',
    group: 'tidy',
    keys: 'Mod-Shift-e',
    words: 'plain erase',
    menus: { more: 4, tidy: 1 },
    command: m.clearFormatting,
  },
]

function heading(level: number): Tool {
  return {
    id: level ? `heading-${level}` : 'paragraph',
    name: level ? `Heading ${level}` : 'Paragraph',
    group: 'structure',
    keys: `Mod-Alt-${level}`,
    words: level ? 'title section' : 'text body',
    menus: { kind: 1 },
    insert: level
      ? entry(kinds.heading.sign, level === 2 ? 'Begins a part of the text' : `Of level ${level}`)
      : entry(kinds.paragraph.sign, 'Plain running text'),
    command: t.setKind(level),
    on: (state) => t.blockKind(state) === (level ? `heading-${level}` : 'paragraph'),
  }
}

function aligned(side: string, name: string, keys: string): Tool {
  return {
    id: `align-${side}`,
    name,
    group: 'structure',
    keys,
    words: 'alignment edge',
    command: s.align(side),
    on: (state) => s.currentStyle(state)?.align === side,
  }
}

const { bulleted_list, numbered_list, quote, code_block } = schema.nodes

/** Tools that say what a piece of text is and how its lines stand. */
export const structureTools: Tool[] = [
  ...[0, 1, 2, 3, 4, 5, 6].map(heading),
  {
    id: 'bulleted',
    name: 'Bulleted list',
    group: 'structure',
    keys: 'Mod-Shift-8',
    strip: { label: '• List', always: true },
    insert: entry(kinds.bulleted_list.sign, 'Items in no order'),
    command: t.toggleList(bulleted_list),
    on: (state) => t.around(state, bulleted_list, numbered_list)?.node.type === bulleted_list,
  },
  {
    id: 'numbered',
    name: 'Numbered list',
    group: 'structure',
    keys: 'Mod-Shift-7',
    strip: { label: '1. List', always: true },
    insert: entry(kinds.numbered_list.sign, 'Items one after the other'),
    command: t.toggleList(numbered_list),
    on: (state) => t.around(state, bulleted_list, numbered_list)?.node.type === numbered_list,
  },
  { id: 'nest', name: 'Nest the list item', group: 'structure', keys: 'Tab', command: t.nest },
  { id: 'unnest', name: 'Take the list item out', group: 'structure', keys: 'Shift-Tab', command: t.unnest },
  {
    id: 'quote',
    name: 'Quote',
    group: 'structure',
    keys: 'Mod-Shift-9',
    words: 'citation attribution',
    strip: { label: 'Quote' },
    insert: entry(kinds.quote.sign, 'Somebody’s words, and who said them'),
    command: toggleQuote,
    on: (state) => !!t.around(state, quote),
  },
  {
    id: 'attribution',
    name: 'Who said it',
    group: 'structure',
    words: 'attribution source of the quote',
    menus: { more: 2 },
    command: toAttribution,
  },
  {
    id: 'pull-quote',
    name: 'Pull quote',
    group: 'structure',
    keys: 'Mod-Alt-q',
    words: 'citation large',
    menus: { insert: 1 },
    insert: entry(kinds.quote.sign, 'A line of the text set large'),
    command: togglePull,
    on: (state) => !!t.around(state, quote)?.node.attrs.pull,
  },
  {
    id: 'code-block',
    name: 'Code block',
    group: 'structure',
    keys: 'Mod-Alt-p',
    words: 'program preformatted',
    menus: { insert: 1 },
    insert: entry(kinds.code_block.sign, 'Lines kept as they are typed'),
    command: toggleCode,
    on: (state) => !!t.around(state, code_block),
  },
  {
    id: 'prompt',
    menus: { tidy: 4 },
    name: 'Prompt',
    group: 'structure',
    keys: 'Mod-Alt-k',
    words: 'outline say what to write placeholder gap',
    insert: entry(kinds.prompt.sign, 'A gap that says what is to be written in it'),
    command: togglePrompt,
    on: (state) => state.selection.$from.parent.type.name === 'prompt',
  },
  aligned('left', 'Align left', 'Mod-Alt-Shift-l'),
  aligned('centre', 'Align centre', 'Mod-Alt-Shift-c'),
  aligned('right', 'Align right', 'Mod-Alt-Shift-r'),
  aligned('justified', 'Justify', 'Mod-Alt-Shift-j'),
  aligned('', 'Align as the language does', 'Mod-Alt-Shift-s'),
  { id: 'indent', name: 'Indent', group: 'structure', keys: 'Mod-]', command: s.indent },
  { id: 'outdent', name: 'Outdent', group: 'structure', keys: 'Mod-[', command: s.outdent },
  {
    id: 'drop-cap',
    name: 'Drop cap',
    group: 'structure',
    keys: 'Mod-Alt-d',
    words: 'initial large first letter',
    command: s.dropCap,
    on: (state) => s.currentStyle(state)?.dropCap ?? false,
  },
]
