import type { ToolGroup, Toolset } from '../../shared/api/types'
import { isGoverned } from '../plugins/toolset'
import { known, menu, tools } from './registry'
import type { Group, MenuName, Tool } from './tool'

/** Tools that stand together in the strip: those with buttons, and those behind a word. */
export interface StripGroup {
  name: string
  buttons: Tool[]
  menu?: { title: string; label: string; parts: Tool[][]; always?: boolean }
}

interface Standard {
  group: Group
  name: string
  menu?: { name: MenuName; title: string; label: string; always?: boolean }
}

/** The groups that have buttons of their own, and the menu that holds the rest of each. */
const standard: Standard[] = [
  { group: 'text', name: 'Words', menu: { name: 'more', title: 'More for words', label: 'Words' } },
  { group: 'structure', name: 'Structure' },
  { group: 'insert', name: 'Insert', menu: { name: 'insert', title: 'Insert', label: 'Insert', always: true } },
  { group: 'tidy', name: 'Tidy', menu: { name: 'tidy', title: 'Tidy', label: 'Tidy' } },
  { group: 'view', name: 'View', menu: { name: 'view', title: 'View', label: 'View', always: true } },
]

/** The strip where no toolset says otherwise. */
export const standardGroups: StripGroup[] = standard.map(({ group, name, menu: rest }) => ({
  name,
  buttons: tools.filter((t) => t.group === group && t.strip),
  menu: rest && { ...rest, parts: menu(rest.name) },
}))

/** The strip as a toolset has it; what every text has besides stands behind it, under Tidy and View. */
export function ownGroups(toolset: Toolset): StripGroup[] {
  const placed = new Set(toolset.groups.flatMap((g) => [...g.buttons, ...g.menu]))
  const own = toolset.groups.map((g): StripGroup => {
    const rest = g.menu.flatMap(known)
    return {
      name: g.label,
      buttons: g.buttons.flatMap(known),
      // Not the name of a standard menu: both may be there.
      menu: rest.length ? { title: `${g.label}: more`, label: g.label, parts: [rest], always: true } : undefined,
    }
  })
  const always = standardGroups
    .filter((g) => g.name === 'Tidy' || g.name === 'View')
    .map(
      (g): StripGroup => ({
        ...g,
        buttons: g.buttons.filter((t) => !placed.has(t.id)),
        menu: g.menu && { ...g.menu, parts: g.menu.parts.map((p) => p.filter((t) => !placed.has(t.id))) },
      }),
    )
  return [...own, ...always]
}

/** What a toolset begins with: every tool it decides about, in the groups of the standard strip. */
export function startingGroups(): ToolGroup[] {
  const decided = tools.filter((t) => t.id === 'paragraph' || isGoverned(t.id, t.group))
  return (['text', 'structure', 'insert'] as const).map((group) => {
    const all = decided.filter((t) => t.group === group)
    return {
      label: standard.find((s) => s.group === group)?.name ?? group,
      buttons: all.filter((t) => t.strip).map((t) => t.id),
      menu: all.filter((t) => !t.strip).map((t) => t.id),
    }
  })
}

/** The tools that a toolset can place: those it decides about, and those that it only gives another place. */
export function placeable(): Tool[] {
  return tools.filter((t) => t.id === 'paragraph' || isGoverned(t.id, t.group) || t.strip || t.menus)
}
