import type { Command, EditorState } from 'prosemirror-state'

/** The attributes of a paragraph or heading, which its class spells in this order. */
export interface BlockStyle {
  align: string
  indent: number
  dropCap: boolean
  name: string
}

export function styleOf(className: string): BlockStyle {
  return {
    align: className.match(/\balign-(\w+)/)?.[1] ?? '',
    indent: Number(className.match(/\bindent-(\d)/)?.[1] ?? 0),
    dropCap: /\bdrop-cap\b/.test(className),
    name: className.match(/\bstyle-([a-z0-9-]+)/)?.[1] ?? '',
  }
}

function classOf(style: BlockStyle): string {
  return [
    style.align && `align-${style.align}`,
    style.indent && `indent-${style.indent}`,
    style.dropCap && 'drop-cap',
    style.name && `style-${style.name}`,
  ]
    .filter(Boolean)
    .join(' ')
}

/** Changes how the selected paragraphs and headings stand. */
export function restyle(change: (now: BlockStyle) => Partial<BlockStyle>): Command {
  return (state, dispatch) => {
    const tr = state.tr
    const { from, to } = state.selection
    let any = false
    state.doc.nodesBetween(from, to, (node, pos) => {
      if (node.type.name !== 'paragraph' && node.type.name !== 'heading') return
      const now = styleOf(node.attrs.className)
      const next = classOf({ ...now, ...change(now) })
      if (next === node.attrs.className) return
      any = true
      tr.setNodeAttribute(pos, 'className', next)
    })
    if (any) dispatch?.(tr)
    return any
  }
}

/** The style of the first selected paragraph or heading, or null where there is none. */
export function currentStyle(state: EditorState): BlockStyle | null {
  const { parent } = state.selection.$from
  const styled = parent.type.name === 'paragraph' || parent.type.name === 'heading'
  return styled ? styleOf(parent.attrs.className) : null
}

export const align = (side: string): Command => restyle(() => ({ align: side }))
export const indent: Command = restyle((s) => ({ indent: Math.min(6, s.indent + 1) }))
export const outdent: Command = restyle((s) => ({ indent: Math.max(0, s.indent - 1) }))
export const dropCap: Command = (state, dispatch) => {
  if (state.selection.$from.parent.type.name !== 'paragraph') return false
  return restyle((s) => ({ dropCap: !s.dropCap }))(state, dispatch)
}
