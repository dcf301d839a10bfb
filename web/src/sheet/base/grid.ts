import type { Node } from 'prosemirror-model'
import { TableMap } from 'prosemirror-tables'

/** The grid of cells of a table: what stands below its caption and its description. */
export function gridOf(table: Node): Node {
  return table.child(table.childCount - 1)
}

/** The position before the grid of a table that is at a position. */
export function gridPos(table: Node, pos: number): number {
  return pos + table.nodeSize - 1 - gridOf(table).nodeSize
}

/** The width of each column in hundredths of the table; empty where nobody said. */
export function columnWidths(grid: Node): number[] {
  const map = TableMap.get(grid)
  const widths: number[] = Array(map.width).fill(0)
  for (let c = 0; c < map.width; c++) {
    const pos = map.map[c]
    const given = grid.nodeAt(pos)?.attrs.colwidth as number[] | null
    const rect = map.findCell(pos)
    widths[c] = given?.[c - rect.left] ?? 0
  }
  const known = widths.filter((w) => w > 0)
  if (!known.length) return []
  if (known.length === widths.length) return widths
  // A column that came later gets an even share, and the others make room.
  const even = Math.floor(100 / widths.length)
  const left = (100 - even * (widths.length - known.length)) / known.reduce((a, b) => a + b, 0)
  return widths.map((w) => (w > 0 ? Math.max(1, Math.floor(w * left)) : even))
}
