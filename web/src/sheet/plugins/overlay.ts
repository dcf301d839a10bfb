import type { Node } from 'prosemirror-model'
import { type Command, type EditorState, Plugin, PluginKey } from 'prosemirror-state'
import { Decoration, DecorationSet } from 'prosemirror-view'
import { nameOf } from '../blocks/kinds'

const key = new PluginKey<{ on: boolean; names: DecorationSet }>('overlay')

function named(doc: Node): DecorationSet {
  const out: Decoration[] = []
  doc.descendants((node, pos) => {
    if (node.type.isInGroup('block')) {
      out.push(Decoration.node(pos, pos + node.nodeSize, { 'data-overlay': nameOf(node) }))
    }
    return !node.isTextblock
  })
  return DecorationSet.create(doc, out)
}

/** Outlines and names every block on the sheet while it is on. */
export const overlay = new Plugin({
  key,
  state: {
    init: () => ({ on: false, names: DecorationSet.empty }),
    apply(tr, was, _before, now) {
      const on = tr.getMeta(key) ?? was.on
      if (!on) return was.on ? { on, names: DecorationSet.empty } : was
      return was.on && !tr.docChanged ? was : { on, names: named(now.doc) }
    },
  },
  props: { decorations: (state) => key.getState(state)?.names },
})

export const toggleOverlay: Command = (state, dispatch) => {
  dispatch?.(state.tr.setMeta(key, !overlayShown(state)))
  return true
}

export function overlayShown(state: EditorState): boolean {
  return key.getState(state)?.on ?? false
}
