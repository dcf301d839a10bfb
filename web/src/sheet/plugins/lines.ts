import { Plugin } from 'prosemirror-state'
import { Decoration, DecorationSet } from 'prosemirror-view'
import { schema } from '../model/schema'
import { isVoid } from '../model/write'

/** There is always a line to write on at the end. */
export const lastLine = new Plugin({
  appendTransaction(_transactions, _before, now) {
    const last = now.doc.lastChild
    if (last?.type === schema.nodes.paragraph || last?.type === schema.nodes.heading) return null
    return now.tr.insert(now.doc.content.size, schema.nodes.paragraph.create()).setMeta('addToHistory', false)
  },
})

/** Says what goes on an empty sheet, and which empty lines readers will not see. */
export const emptyLines = new Plugin({
  props: {
    decorations(state) {
      const { doc, selection } = state
      if (doc.childCount === 1 && doc.firstChild?.type === schema.nodes.paragraph && !doc.firstChild.content.size) {
        const hint = { class: 'is-first-empty', 'data-hint': 'Write here, or paste what you have.' }
        return DecorationSet.create(doc, [Decoration.node(0, doc.firstChild.nodeSize, hint)])
      }
      const marks: Decoration[] = []
      doc.forEach((node, pos, index) => {
        const end = pos + node.nodeSize
        const here = selection.from >= pos && selection.to <= end
        if (!here && index < doc.childCount - 1 && isVoid(node)) {
          marks.push(Decoration.node(pos, end, { class: 'is-void' }))
        }
      })
      return DecorationSet.create(doc, marks)
    },
  },
})
