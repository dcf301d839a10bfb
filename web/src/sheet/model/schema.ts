import { type NodeSpec, Schema } from 'prosemirror-model'
import { marks } from '../base/marks'
import { mergeField } from '../base/mergeField'
import { kindEntries } from '../blocks/kinds'

const nodes: Record<string, NodeSpec> = { doc: { content: 'block+' } }
for (const [name, spec] of kindEntries) {
  nodes[name] = spec.schema
  for (const [part, { schema: partSchema }] of Object.entries(spec.parts ?? {})) nodes[part] = partSchema
}
nodes.text = { group: 'inline' }
nodes.field_chip = mergeField
nodes.line_break = {
  group: 'inline',
  inline: true,
  selectable: false,
  parseDOM: [{ tag: 'br' }],
  toDOM: () => ['br'],
}

/**
 * The sheet's schema, made of what each kind of block says of itself. It maps one to one onto the document
 * format (docs/format.md): `read.ts` makes it from the stored HTML and `write.ts` gives the same bytes back.
 */
export const schema = new Schema({ nodes, marks })
