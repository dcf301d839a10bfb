import type { Node } from 'prosemirror-model'
import { codeBlock } from './codeBlock'
import { contactForm } from './contactForm'
import { divider } from './divider'
import { embed } from './embed'
import { gallery } from './gallery'
import { heading } from './heading'
import { itemList, relatedItems } from './itemLists'
import { callout, columns, textColumns } from './layout'
import { buttonLink, download } from './linked'
import { linkedPiece } from './linkedPiece'
import { bulletedList, numberedList } from './lists'
import { paragraph } from './paragraph'
import { picture } from './picture'
import { audio, video } from './players'
import { prompt } from './prompt'
import { quote } from './quote'
import { rawHtml } from './rawHtml'
import { fold, jumpTarget } from './signs'
import type { BlockSpec } from './spec'
import { table } from './table'

/** Every kind of block of the document format (docs/format.md), as the sheet's document names it. */
export type BlockKind =
  | 'paragraph'
  | 'heading'
  | 'bulleted_list'
  | 'numbered_list'
  | 'quote'
  | 'code_block'
  | 'prompt'
  | 'table_block'
  | 'picture'
  | 'gallery'
  | 'video'
  | 'audio'
  | 'embed'
  | 'download'
  | 'divider'
  | 'callout'
  | 'columns'
  | 'text_columns'
  | 'button_link'
  | 'item_list'
  | 'related_items'
  | 'contact_form'
  | 'jump_target'
  | 'fold'
  | 'linked_piece'
  | 'html'

/** What the sheet knows of each kind. A kind without an entry does not compile. The first is what an empty line is. */
export const kinds: Record<BlockKind, BlockSpec> = {
  paragraph,
  heading,
  bulleted_list: bulletedList,
  numbered_list: numberedList,
  quote,
  code_block: codeBlock,
  prompt,
  table_block: table,
  picture,
  gallery,
  video,
  audio,
  embed,
  download,
  divider,
  callout,
  columns,
  text_columns: textColumns,
  button_link: buttonLink,
  item_list: itemList,
  related_items: relatedItems,
  contact_form: contactForm,
  jump_target: jumpTarget,
  fold,
  linked_piece: linkedPiece,
  html: rawHtml,
}

/** All kinds with their names. */
export const kindEntries = Object.entries(kinds) as [BlockKind, BlockSpec][]

/** What the sheet knows of a node's kind; undefined for a node that is not a block. */
export function specOf(node: Node): BlockSpec | undefined {
  return (kinds as Record<string, BlockSpec>)[node.type.name]
}

const partNames = Object.fromEntries(
  kindEntries.flatMap(([, spec]) => Object.entries(spec.parts ?? {})).map(([name, part]) => [name, part.name ?? '']),
)

/** What people call a node; empty for what only holds the parts of a block. */
export function nameOf(node: Node): string {
  const spec = specOf(node)
  if (!spec) return partNames[node.type.name] ?? ''
  return typeof spec.name === 'string' ? spec.name : spec.name(node)
}

/** A few words that tell a block from others of its kind. */
export function wordsOf(node: Node): string {
  return specOf(node)?.words?.(node) ?? node.textBetween(0, node.content.size, ' ', ' ').trim()
}
