import type { Node } from 'prosemirror-model'
import { type Command, Plugin, PluginKey } from 'prosemirror-state'
import { Decoration, DecorationSet } from 'prosemirror-view'

const key = new PluginKey<{ on: boolean; marks: DecorationSet }>('invisibles')

const signs: [RegExp, string][] = [
  [/ /g, 'space'],
  [/\u00a0/g, 'no-break-space'],
  [/\u00ad/g, 'soft-hyphen'],
  [/\t/g, 'tab'],
  [/[\u200b-\u200f\u202a-\u202e\u2060-\u2064\ufeff]/g, 'unseen'],
]

function marksOf(doc: Node, from: number, to: number): Decoration[] {
  const out: Decoration[] = []
  doc.nodesBetween(from, to, (node, pos) => {
    if (node.isText) {
      for (const [sign, name] of signs) {
        for (const m of (node.text ?? '').matchAll(sign)) {
          out.push(Decoration.inline(pos + m.index, pos + m.index + 1, { class: `invisible ${name}` }))
        }
      }
    }
    if (node.isTextblock) {
      const end = pos + node.nodeSize - 1
      out.push(Decoration.widget(end, () => sign('¶'), { side: 1, key: 'end', ignoreSelection: true }))
    }
    if (node.type.name === 'line_break') {
      out.push(Decoration.widget(pos, () => sign('↵'), { side: -1, key: 'break', ignoreSelection: true }))
    }
    return true
  })
  return out
}

function sign(text: string): HTMLElement {
  const made = document.createElement('span')
  made.className = 'invisible-sign'
  made.textContent = text
  made.setAttribute('aria-hidden', 'true')
  return made
}

/** Shows spaces, no-break spaces, soft hyphens and ends of paragraphs while it is on. */
export const invisibles = new Plugin({
  key,
  state: {
    init: () => ({ on: false, marks: DecorationSet.empty }),
    apply(tr, was, _before, now) {
      const on = tr.getMeta(key) ?? was.on
      if (!on) return { on, marks: DecorationSet.empty }
      if (!was.on) return { on, marks: DecorationSet.create(now.doc, marksOf(now.doc, 0, now.doc.content.size)) }
      if (!tr.docChanged) return was
      let marks = was.marks.map(tr.mapping, tr.doc)
      // Only the blocks that changed are looked at again.
      tr.mapping.maps.forEach((map, i) => {
        map.forEach((_a, _b, from, to) => {
          const start = tr.mapping.slice(i + 1).map(from, -1)
          const end = tr.mapping.slice(i + 1).map(to, 1)
          const $start = tr.doc.resolve(Math.min(start, tr.doc.content.size))
          const $end = tr.doc.resolve(Math.min(end, tr.doc.content.size))
          const lo = $start.depth ? $start.before(1) : start
          const hi = $end.depth ? $end.after(1) : end
          marks = marks.remove(marks.find(lo, hi)).add(tr.doc, marksOf(tr.doc, lo, hi))
        })
      })
      return { on, marks }
    },
  },
  props: { decorations: (state) => key.getState(state)?.marks },
})

export const toggleInvisibles: Command = (state, dispatch) => {
  dispatch?.(state.tr.setMeta(key, !key.getState(state)?.on))
  return true
}

export function invisiblesShown(state: Parameters<Command>[0]): boolean {
  return key.getState(state)?.on ?? false
}
