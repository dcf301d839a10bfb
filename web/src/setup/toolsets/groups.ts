import type { ToolGroup } from '../../shared/api/types'
import { isIn, offerBy, placeable } from '../../sheet'

/** Where a chip stands: a row of a group, or one of those below the groups. */
export interface Spot {
  /** The group’s number, or null below the groups. */
  group: number | null
  row: 'buttons' | 'menu'
}

/** A row of chips as it is shown. */
export interface Row {
  id: string
  name: string
  spot: Spot
  tools: string[]
}

const every = placeable()

/** Tools that the toolset does not name: those that are not offered, and those every text has. */
function unplaced(groups: ToolGroup[]): { absent: string[]; always: string[] } {
  const placed = new Set(groups.flatMap((g) => [...g.buttons, ...g.menu]))
  const none = offerBy({ name: '', label: '', about: '', groups: [], only: {}, uses: [] })
  const rest = every.filter((t) => !placed.has(t.id))
  return {
    absent: rest.filter((t) => !isIn(t, none)).map((t) => t.id),
    always: rest.filter((t) => isIn(t, none)).map((t) => t.id),
  }
}

/** The rows from the top: the two of each group, what is not offered, and what every text has. */
export function rowsOf(groups: ToolGroup[]): Row[] {
  const { absent, always } = unplaced(groups)
  return [
    ...groups.flatMap((g, i): Row[] => [
      { id: `${i}-buttons`, name: `${g.label}: buttons`, spot: { group: i, row: 'buttons' }, tools: g.buttons },
      { id: `${i}-menu`, name: `${g.label}: in its menu`, spot: { group: i, row: 'menu' }, tools: g.menu },
    ]),
    { id: 'absent', name: 'Not offered', spot: { group: null, row: 'buttons' }, tools: absent },
    { id: 'always', name: 'Always there, under Tidy and View', spot: { group: null, row: 'menu' }, tools: always },
  ]
}

/** The groups with a tool at another spot, before the tool that is at a place there, or last. */
export function placedAt(groups: ToolGroup[], tool: string, spot: Spot, at: number): ToolGroup[] {
  return groups.map((g, i) => {
    const without = (list: string[]) => list.filter((t) => t !== tool)
    const next = { ...g, buttons: without(g.buttons), menu: without(g.menu) }
    if (spot.group !== i) return next
    const list = g[spot.row]
    const was = list.indexOf(tool)
    // Counted without the tool itself, where it moves within its row.
    const to = was >= 0 && was < at ? at - 1 : at
    next[spot.row].splice(to, 0, tool)
    return next
  })
}
