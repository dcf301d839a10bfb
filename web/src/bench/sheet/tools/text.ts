import { toggleCode, togglePull } from '../commands/blocks'
import * as m from '../commands/marks'
import * as s from '../commands/style'
import * as t from '../commands/text'
import { schema } from '../model/schema'
import { togglePrompt } from '../plugins/prompts'
import type { Tool } from './tool'

function mark(name: string, title: string, keys: string, words = ''): Tool {
  return {
    id: name,
    name: title,
    group: 'text',
    keys,
    words,
    command: m.toggle(name),
    on: (state) => m.hasMark(state, schema.marks[name]),
  }
}

function character(id: string, name: string, keys: string, text: string): Tool {
  return {
    id,
    name,
    group: 'text',
    keys,
    words: 'special character',
    command: (state, dispatch) => {
      if (!state.selection.$from.parent.inlineContent) return false
      dispatch?.(state.tr.insertText(text).scrollIntoView())
      return true
    },
  }
}

/** Tools for the dress and the meaning of words. */
export const textTools: Tool[] = [
  mark('strong', 'Bold', 'Mod-b', 'strong'),
  mark('emphasis', 'Italic', 'Mod-i', 'emphasis'),
  mark('underline', 'Underline', 'Mod-u'),
  mark('strikethrough', 'Strikethrough', 'Mod-Shift-x', 'struck deleted'),
  mark('superscript', 'Superscript', 'Mod-Alt-u', 'raised upper'),
  mark('subscript', 'Subscript', 'Mod-Alt-l', 'lowered'),
  mark('code', 'Code', 'Mod-e', 'monospace'),
  {
    id: 'highlight',
    name: 'Highlight',
    group: 'text',
    keys: 'Mod-Shift-h',
    words: 'marker background',
    command: (state, dispatch) =>
      m.setValue('highlight', m.markValue(state, 'highlight') === null ? '' : null)(state, dispatch),
    on: (state) => m.markValue(state, 'highlight') !== null,
  },
  {
    id: 'colour',
    name: 'Colour and type',
    group: 'text',
    keys: 'Mod-Alt-c',
    words: 'text colour highlight font size named style contrast',
    ask: 'colour',
    on: (state) => ['colour', 'font', 'size', 'style'].some((name) => m.markValue(state, name) !== null),
  },
  {
    id: 'abbreviation',
    name: 'Abbreviation',
    group: 'text',
    keys: 'Mod-Alt-a',
    words: 'meaning short form',
    ask: 'abbreviation',
    on: (state) => m.markValue(state, 'abbreviation') !== null,
  },
  {
    id: 'language',
    name: 'Language of the phrase',
    group: 'text',
    keys: 'Mod-Alt-y',
    words: 'foreign words',
    ask: 'language',
    on: (state) => m.markValue(state, 'language') !== null,
  },
  {
    id: 'link',
    name: 'Link',
    group: 'text',
    keys: 'Mod-k',
    words: 'address page mail telephone',
    ask: 'link',
    on: (state) => m.hasMark(state, schema.marks.link),
  },
  {
    id: 'characters',
    name: 'Special characters',
    group: 'text',
    keys: 'Mod-Alt-s',
    words: 'symbol sign',
    ask: 'characters',
  },
  character('no-break-space', 'No-break space', 'Mod-Shift-Space', '\u00a0'),
  character('soft-hyphen', 'Soft hyphen', 'Mod-Alt-h', '\u00ad'),
  {
    id: 'clear',
    name: 'Clear formatting',
    group: 'tidy',
    keys: 'Mod-Shift-e',
    words: 'plain erase',
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
    inserts: true,
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
    inserts: true,
    command: t.toggleList(bulleted_list),
    on: (state) => t.around(state, bulleted_list, numbered_list)?.node.type === bulleted_list,
  },
  {
    id: 'numbered',
    name: 'Numbered list',
    group: 'structure',
    keys: 'Mod-Shift-7',
    inserts: true,
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
    inserts: true,
    command: t.toggleQuote,
    on: (state) => !!t.around(state, quote),
  },
  {
    id: 'pull-quote',
    name: 'Pull quote',
    group: 'structure',
    keys: 'Mod-Alt-q',
    words: 'citation large',
    inserts: true,
    command: togglePull,
    on: (state) => !!t.around(state, quote)?.node.attrs.pull,
  },
  {
    id: 'code-block',
    name: 'Code block',
    group: 'structure',
    keys: 'Mod-Alt-p',
    words: 'program preformatted',
    inserts: true,
    command: toggleCode,
    on: (state) => !!t.around(state, code_block),
  },
  {
    id: 'prompt',
    name: 'Prompt',
    group: 'structure',
    keys: 'Mod-Alt-k',
    words: 'outline say what to write placeholder',
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
