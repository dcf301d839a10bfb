import { type EditorState, Plugin, PluginKey, type Transaction } from 'prosemirror-state'
import { Decoration, DecorationSet } from 'prosemirror-view'
import { placeOf } from '../base/mergeField'
import { atPath } from '../model/paths'

/** Words of the text that something is to be said of. */
export interface Underlined {
  /** The way to their block. */
  path: number[]
  /** Their first character within the block, and the one after their last. */
  from: number
  to: number
  told: string
}

const key = new PluginKey<DecorationSet>('underlines')

/** Underlines words, and goes with them while somebody writes around them. */
export const underlines = new Plugin<DecorationSet>({
  key,
  state: {
    init: () => DecorationSet.empty,
    apply: (tr, was) => tr.getMeta(key) ?? was.map(tr.mapping, tr.doc),
  },
  props: { decorations: (state) => key.getState(state) },
})

/** Underlines these words and no others; nothing where that is how it is. */
export function underlining(state: EditorState, words: Underlined[]): Transaction | null {
  const lines = words.flatMap(({ path, from, to, told }) => {
    const block = atPath(state.doc, path)
    if (!block?.node.isTextblock) return []
    const at = (character: number) => block.pos + 1 + placeOf(block.node, character)
    return [Decoration.inline(at(from), at(to), { class: 'underlined', title: told })]
  })
  if (!lines.length && !key.getState(state)?.find().length) return null
  return state.tr.setMeta(key, DecorationSet.create(state.doc, lines)).setMeta('addToHistory', false)
}
