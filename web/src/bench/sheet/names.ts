import type { Node } from 'prosemirror-model'

const names: Record<string, string> = {
  paragraph: 'Paragraph',
  bulleted_list: 'Bulleted list',
  numbered_list: 'Numbered list',
  list_item: 'Item',
  quote: 'Quote',
  attribution: 'Who said it',
  code_block: 'Code',
  prompt: 'Prompt',
  divider: 'Divider',
  picture: 'Picture',
  gallery: 'Gallery',
  gallery_caption: 'Caption',
  embed: 'Embed',
  audio: 'Audio',
  video: 'Video',
  columns: 'Side-by-side columns',
  column: 'Column',
  text_columns: 'Text columns',
  callout: 'Callout',
  fold: 'Fold',
  jump_target: 'Jump target',
  download: 'File download',
  button_link: 'Button link',
  item_list: 'Item list',
  related_items: 'Related items',
  contact_form: 'Contact form',
  html: 'Raw HTML',
  table_block: 'Table',
  table_caption: 'Caption',
  table_cell: 'Cell',
  table_header: 'Header cell',
}

/** What people call a block; empty for what only holds the parts of one. */
export function nameOf(node: Node): string {
  if (node.type.name === 'heading') return `Heading ${node.attrs.level}`
  if (node.type.name === 'quote' && node.attrs.pull) return 'Pull quote'
  return names[node.type.name] ?? ''
}

/** A few words that tell a block from others of its kind. */
export function wordsOf(node: Node): string {
  const { attrs } = node
  const text = node.textBetween(0, node.content.size, ' ', ' ').trim()
  switch (node.type.name) {
    case 'picture':
      return text || attrs.alt || ''
    case 'embed':
    case 'audio':
    case 'video':
      return attrs.title || text
    case 'download':
    case 'button_link':
      return attrs.label
    case 'prompt':
      return attrs.text
    case 'jump_target':
      return attrs.anchor
    case 'item_list':
    case 'related_items':
      return attrs.title
    case 'contact_form':
      return attrs.button
    default:
      return text
  }
}
