import type { Node, NodeSpec } from 'prosemirror-model'

/** The way lines run where that differs from what is around them: HTML's `dir`, or nothing. */
export const directed = { dir: { default: '' } } satisfies NodeSpec['attrs']

/** The attributes of a paragraph, heading or list: the class it has in the stored form, and its direction. */
export const styled = { className: { default: '' }, ...directed } satisfies NodeSpec['attrs']

/** The direction an element says; nothing where it says none. */
export function dirOf(e: Element): string {
  const said = e.getAttribute('dir')?.toLowerCase() ?? ''
  return said === 'rtl' || said === 'ltr' ? said : ''
}

/** A direction as an element has it. */
export function ownDir(dir: string): Record<string, string> {
  return dir ? { dir } : {}
}

/** Copied from this sheet, a block keeps its formatting; classes from elsewhere mean nothing here. */
export function ownClass(className: string): Record<string, string> {
  return className ? { class: className, 'data-own-class': className } : {}
}

/** The class a block was copied with. */
export const classOf = (e: HTMLElement) => ({ className: e.getAttribute('data-own-class') ?? '', dir: dirOf(e) })

/** Whether running text has no character to be seen or heard; white space counts as HTML counts it. */
export function saysNothing(node: Node): boolean {
  for (let i = 0; i < node.childCount; i++) {
    const child = node.child(i)
    if (child.isText ? /[^ \t\n\r\f]/.test(child.text ?? '') : child.type.name !== 'line_break') return false
  }
  return true
}
