import type { Node } from 'prosemirror-model'
import { isVoid } from './write'

/*
 * The core names a block by its way down the stored tree: index at the top, then by turns a group
 * within the block and an index within the group. Blocks that are not stored do not count.
 */

export interface Found {
  node: Node
  pos: number
}

function stored(parent: Node, start: number): Found[] {
  const out: Found[] = []
  parent.forEach((node, offset) => {
    if (!isVoid(node)) out.push({ node, pos: start + offset })
  })
  return out
}

/** The children of a node, each with its position. */
export function childrenOf({ node, pos }: Found): Found[] {
  const out: Found[] = []
  node.forEach((child, offset) => {
    out.push({ node: child, pos: pos + 1 + offset })
  })
  return out
}

/** The stored blocks of one group within a block: of one item of a list, one cell, what is quoted. */
function inside(found: Found, group: number): Found[] {
  const name = found.node.type.name
  const holds = (holder: Found | undefined) => (holder ? stored(holder.node, holder.pos + 1) : [])
  if (name === 'quote') return holds(childrenOf(found)[0])
  if (name.endsWith('_list') || name === 'columns') return holds(childrenOf(found)[group])
  if (name === 'text_columns' || name === 'callout') return holds(found)
  if (name === 'gallery') return childrenOf(found).slice(0, -1)
  if (name === 'table_block') return holds(childrenOf(childrenOf(found)[1]).flatMap(childrenOf)[group])
  return []
}

/** The node at a path, and the position before it. */
export function atPath(doc: Node, path: number[]): Found | null {
  let found: Found | undefined = stored(doc, 0)[path[0]]
  for (let i = 1; found && i + 1 < path.length; i += 2) found = inside(found, path[i])[path[i + 1]]
  return found ?? null
}

/** The blocks at the top that are stored, each with its position. */
export function topBlocks(doc: Node): Found[] {
  return stored(doc, 0)
}
