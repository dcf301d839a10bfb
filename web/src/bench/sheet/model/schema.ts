import { Schema } from 'prosemirror-model'
import { boxNodes } from './boxNodes'
import { marks } from './marks'
import { mediaNodes } from './mediaNodes'
import { tableNodes } from './tableNodes'
import { textNodes } from './textNodes'

/**
 * The sheet's schema. It maps one to one onto the document format (docs/format.md): `read.ts` makes it
 * from the stored HTML and `write.ts` gives the same bytes back.
 */
export const schema = new Schema({ nodes: { ...textNodes, ...mediaNodes, ...boxNodes, ...tableNodes }, marks })
