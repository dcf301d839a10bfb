import type { Mark, Node, NodeSpec, Schema } from 'prosemirror-model'

/**
 * A placeholder on the sheet: one thing that cannot be written in. The stored form has it as words within `data`, which
 * stand for it wherever nobody fills it.
 */
export const mergeField: NodeSpec = {
  group: 'inline',
  inline: true,
  atom: true,
  attrs: { name: {}, words: { default: '' } },
  leafText: (node) => node.attrs.words,
  parseDOM: [
    {
      tag: 'data[value]',
      getAttrs: (e) => ({ name: e.getAttribute('value'), words: e.textContent || e.getAttribute('value') }),
    },
  ],
  toDOM: (node) => ['data', { value: node.attrs.name }, node.attrs.words],
}

/** What a text dressed as a placeholder is on the sheet. */
export function fieldOf(schema: Schema, words: string, marks: readonly Mark[]): Node {
  const own = marks.find((m) => m.type.name === 'merge_field')
  return schema.node('field_chip', { name: own?.attrs.value, words }, undefined, own?.removeFromSet(marks) ?? marks)
}

/** The marks of a piece of running text as the stored form has them. */
export function storedMarks(child: Node): readonly Mark[] {
  if (child.type.name !== 'field_chip') return child.marks
  return child.type.schema.mark('merge_field', { value: child.attrs.name }).addToSet(child.marks)
}

/** How many characters a piece of running text has in the stored form. */
export function storedLength(child: Node): number {
  return child.isText ? (child.text ?? '').length : child.type.name === 'field_chip' ? child.attrs.words.length : 1
}

/** Where a character of the stored form is in a block of the sheet, counted from the block’s content. */
export function placeOf(block: Node, character: number): number {
  let at = 0
  let left = character
  for (const child of block.children) {
    const length = storedLength(child)
    if (left < length) return at + (child.isText ? left : 0)
    left -= length
    at += child.nodeSize
  }
  return at
}
