import type { Slice } from 'prosemirror-model'
import { type EditorState, Plugin, PluginKey, type Transaction } from 'prosemirror-state'
import type { Toolset } from '../../shared/api/types'

/** What a text offers to whoever writes it; every tool there is without a toolset. */
export interface Offer {
  toolset: Toolset | null
  /** The short names of all tools the toolset names. */
  named: Set<string>
}

const everything: Offer = { toolset: null, named: new Set() }

const key = new PluginKey<Offer>('toolset')

/** Holds the toolset of the text. It is part of the state, so that whatever asks what can be done goes by it. */
export const toolsetPlugin = new Plugin<Offer>({
  key,
  state: {
    init: () => everything,
    apply: (tr, was) => tr.getMeta(key) ?? was,
  },
})

/** What a text offers. */
export function offerOf(state: EditorState): Offer {
  return key.getState(state) ?? everything
}

/** What a toolset lets a text offer. */
export function offerBy(toolset: Toolset | null): Offer {
  return { toolset, named: new Set(toolset?.groups.flatMap((g) => [...g.buttons, ...g.menu])) }
}

/** Gives a text another toolset; nothing that is written changes by it. */
export function offering(state: EditorState, toolset: Toolset | null): Transaction {
  return state.tr.setMeta(key, offerBy(toolset)).setMeta('addToHistory', false)
}

/** Tools that come with others. */
const follows: Record<string, string> = {
  attribution: 'quote',
  outdent: 'indent',
}

/** Tools among those for text that every text has: they make nothing a toolset could be without. */
const free = new Set([
  'paragraph',
  'nest',
  'unnest',
  'align-',
  'characters',
  'no-break-space',
  'soft-hyphen',
  'import',
  'insert',
])

/**
 * Whether a toolset decides about a tool. What works on a text without adding to it is always there, and so is what was
 * made ready for every text.
 */
export function isGoverned(id: string, group: string): boolean {
  if (/^(snippet|link):/.test(id)) return false
  return (group === 'text' || group === 'structure' || group === 'insert') && !free.has(id)
}

/** Whether a text offers to make something, by the short name of the tool that makes it. */
export function offers(state: EditorState, id: string): boolean {
  return has(offerOf(state), id)
}

export function has({ toolset, named }: Offer, id: string): boolean {
  return !toolset || named.has(id) || named.has(follows[id] ?? id) || (id === 'colour' && named.has('type'))
}

/** The tool that makes a mark. */
const markTools: Record<string, string> = { font: 'type', size: 'type', style: 'type', merge_field: 'merge-field' }

/** The tools that make blocks, where they are called otherwise. */
const nodeTools: Record<string, string> = {
  bulleted_list: 'bulleted',
  numbered_list: 'numbered',
  code_block: 'code-block',
  table_block: 'table',
  text_columns: 'text-columns',
  jump_target: 'jump',
  field_chip: 'merge-field',
  contact_form: 'contact-form',
  item_list: 'item-list',
  related_items: 'related-items',
  button_link: 'button',
}

/** Kinds of node that are part of others, or that every text may hold. */
const parts = new Set(['doc', 'text', 'paragraph', 'line_break', 'prompt'])

/** Whether a text may hold all of a slice. What it may not hold is left to the server, which keeps every word of it. */
export function fits(state: EditorState, slice: Slice): boolean {
  const { toolset } = offerOf(state)
  if (!toolset) return true
  let all = true
  slice.content.descendants((node) => {
    const { name } = node.type
    const tool =
      name === 'heading'
        ? `heading-${node.attrs.level}`
        : name === 'quote' && node.attrs.pull
          ? 'pull-quote'
          : nodeTools[name]
    if (tool ? !offers(state, tool) : !parts.has(name) && node.type.spec.group === 'block' && !offers(state, name))
      all = false
    for (const mark of node.marks) {
      if (!offers(state, markTools[mark.type.name] ?? mark.type.name)) all = false
      if (!valueFits(toolset, mark.type.name, String(mark.attrs.value ?? ''))) all = false
    }
    if (node.attrs.align && !offers(state, `align-${node.attrs.align}`) && node.type.name !== 'table_cell') all = false
    if (node.attrs.indent && !offers(state, 'indent')) all = false
    if (node.attrs.dropCap && !offers(state, 'drop-cap')) all = false
    return all
  })
  return all
}

function valueFits({ only }: Toolset, mark: string, value: string): boolean {
  const list = {
    colour: only.colours,
    highlight: only.colours,
    font: only.fonts,
    size: only.sizes,
    style: only.styles,
  }[mark]
  return !list || !value || list.includes(value)
}
