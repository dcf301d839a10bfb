import { readOwn, setOwn } from '../../shared/store/own'
import { tools } from './registry'
import type { Tool } from './tool'

const NAME = 'keys'
const NONE: Record<string, string> = {}

/** The keys somebody has chosen, by the ids of tools; an empty one where they want none. */
export function chosenKeys(): Record<string, string> {
  const kept = readOwn<unknown>(NAME, NONE)
  return kept && typeof kept === 'object' ? (kept as Record<string, string>) : NONE
}

/** The keys of a tool as they are for this person. A key that they gave to another tool is no longer this one’s. */
export function keysNow(tool: Tool): string[] {
  const chosen = chosenKeys()
  const own = chosen[tool.id]
  if (own !== undefined) return own ? [own] : []
  const taken = new Set(Object.values(chosen))
  return [tool.keys, ...(tool.otherKeys ?? [])].filter((key): key is string => !!key && !taken.has(key))
}

/** The first key of a tool, which menus and tips tell. */
export const keyNow = (tool: Tool): string => keysNow(tool)[0] ?? ''

/** Gives a tool another key. Whichever tool had it has it no longer. */
export function chooseKey(tool: Tool, key: string) {
  const others = Object.entries(chosenKeys()).filter(([id, k]) => id !== tool.id && (!key || k !== key))
  setOwn(NAME, { ...Object.fromEntries(others), [tool.id]: key })
}

/** Gives a tool, or all of them, the keys everybody begins with. */
export function resetKeys(tool?: Tool) {
  const { [tool?.id ?? '']: _, ...others } = chosenKeys()
  setOwn(NAME, tool && Object.keys(others).length ? others : undefined)
}

/** The tool that has a key now. */
export const holderOf = (key: string): Tool | undefined => tools.find((t) => keysNow(t).includes(key))

/** Keys that are for going about the screen or for the text itself. */
const RESERVED = new Set([
  'Mod-a',
  'Mod-c',
  'Mod-v',
  'Mod-x',
  'Mod-s',
  'Mod-z',
  'Mod-.',
  'Mod-w',
  'Mod-t',
  'Mod-n',
  'Mod-r',
  'F5',
  'F6',
  'Shift-F6',
  'F12',
])

/** What was pressed, as keys are named; an empty text for a modifier alone. */
export function pressed(e: KeyboardEvent): string {
  if (['Control', 'Shift', 'Alt', 'Meta', 'AltGraph'].includes(e.key)) return ''
  // With Alt many layouts type a sign of their own; the key itself is meant.
  const letter = e.code.match(/^(?:Key|Digit)(.)$/)?.[1]
  const plain = /^[\x21-\x7e]$/.test(e.key) && !e.altKey ? e.key.toLowerCase() : (letter?.toLowerCase() ?? e.key)
  const mods = [(e.ctrlKey || e.metaKey) && 'Mod', e.altKey && 'Alt', e.shiftKey && 'Shift'].filter(Boolean)
  return [...mods, plain === ' ' ? 'Space' : plain].join('-')
}

/** Why a key cannot be a tool’s; empty where it can. */
export function problemOf(key: string): string {
  if (RESERVED.has(key)) return 'This key is the browser’s or the bench’s own.'
  if (!/^(Mod|Alt)-|^(Shift-)?F\d/.test(key)) return 'A key needs Ctrl or Alt, else nobody could type its letter.'
  return ''
}
