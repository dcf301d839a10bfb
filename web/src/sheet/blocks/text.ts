import type { Node, NodeSpec } from 'prosemirror-model'

/** The attributes of a paragraph, heading or list: the class it has in the stored form. */
export const styled = { className: { default: '' } } satisfies NodeSpec['attrs']

/** Copied from this sheet, a block keeps its formatting; classes from elsewhere mean nothing here. */
export function ownClass(className: string): Record<string, string> {
  return className ? { class: className, 'data-own-class': className } : {}
}

/** The class a block was copied with. */
export const classOf = (e: HTMLElement) => ({ className: e.getAttribute('data-own-class') ?? '' })

/** Whether running text has no character to be seen or heard; white space counts as HTML counts it. */
export function saysNothing(node: Node): boolean {
  for (let i = 0; i < node.childCount; i++) {
    const child = node.child(i)
    if (child.isText ? /[^ \t\n\r\f]/.test(child.text ?? '') : child.type.name !== 'line_break') return false
  }
  return true
}
