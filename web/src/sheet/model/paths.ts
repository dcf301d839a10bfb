import type { Node } from 'prosemirror-model'
import { specOf } from '../blocks/kinds'
import type { Found } from '../blocks/spec'
import { isVoid } from './write'

/*
 * The core names a block by its way down the stored tree: index at the top, then by turns a group
 * within the block and an index within the group. Blocks that are not stored do not count.
 */

function stored(parent: Node, start: number): Found[] {
  const out: Found[] = []
  parent.forEach((node, offset) => {
    if (specOf(node) && !isVoid(node)) out.push({ node, pos: start + offset })
  })
  return out
}

/** The stored blocks of one group within a block: of one item of a list, one cell, what is quoted. */
function inside(found: Found, group: number): Found[] {
  const holder = specOf(found.node)?.groups?.(found)[group]
  return holder ? stored(holder.node, holder.pos + 1) : []
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
