import type { Node } from 'prosemirror-model'
import { isVoid } from './write'

/*
 * The core names a block by its way down the stored tree: index at the top, then by turns a group
 * within the block and an index within the group. Blocks that are not stored do not count.
 */

interface Found {
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

/** The stored blocks of one group within a block: of one item of a list, or what is quoted. */
function inside({ node, pos }: Found, group: number): Found[] {
  if (node.type.name === 'quote') return stored(node.child(0), pos + 2)
  if (!node.type.name.endsWith('_list')) return []
  let start = pos + 1
  for (let i = 0; i < node.childCount; i++) {
    if (i === group) return stored(node.child(i), start + 1)
    start += node.child(i).nodeSize
  }
  return []
}

/** The node at a path, and the position before it. */
export function atPath(doc: Node, path: number[]): Found | null {
  let found: Found | undefined = stored(doc, 0)[path[0]]
  for (let i = 1; found && i + 1 < path.length; i += 2) {
    if (found.node.type.name === 'carried') return found
    found = inside(found, path[i])[path[i + 1]]
  }
  return found ?? null
}

/** The blocks at the top that are stored, each with its position. */
export function topBlocks(doc: Node): Found[] {
  return stored(doc, 0)
}
