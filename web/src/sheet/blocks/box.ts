import type { NodeSpec } from 'prosemirror-model'

/** The schema of a block with nothing to write in; it is picked as a whole. */
export function box(attrs: NodeSpec['attrs']): NodeSpec {
  return { group: 'block', atom: true, draggable: true, attrs, toDOM: () => ['div'] }
}
