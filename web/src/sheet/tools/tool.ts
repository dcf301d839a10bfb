import type { Command, EditorState } from 'prosemirror-state'
import type { Ask } from '../base/ask'
import type { Family } from '../blocks/spec'
import { has, isGoverned, type Offer, offerOf } from '../plugins/toolset'

/** The groups of tools, in the order in which the strip shows them. */
export const groups = {
  text: 'Text',
  structure: 'Structure',
  insert: 'Insert',
  table: 'Table',
  blocks: 'Blocks',
  tidy: 'Tidy',
  view: 'View',
} as const

export type Group = keyof typeof groups

/** The menus of the strip. A tool can stand in more than one. */
export type MenuName = 'kind' | 'more' | 'insert' | 'tidy' | 'view' | 'row' | 'column'

/** A tool's place in a menu: tools of one part stand together, with a line between parts. */
export type MenuPlaces = Partial<Record<MenuName, number>>

/** A tool's own button in the strip. */
export interface StripButton {
  label: string
  look?: 'bold' | 'italic' | 'underline'
  /** Whether it stays where somebody wants few tools. */
  always?: boolean
}

/** A tool's entry in the insert list. */
export interface InsertEntry {
  family: Family
  about: string
  sign: string
}

/**
 * One thing a person can do with the text. The strip, its menus, the insert list, the keys, the list of shortcuts
 * and the find-anything field are made from tools, in the order in which they stand in the registry.
 */
export interface Tool {
  id: string
  name: string
  group: Group
  /** Its key, as ProseMirror names keys; Mod is Ctrl, or Cmd on a Mac. */
  keys?: string
  /** Other keys for the same thing. */
  otherKeys?: string[]
  /** More words it may be looked for by. */
  words?: string
  strip?: StripButton
  menus?: MenuPlaces
  insert?: InsertEntry
  /** Either what it does to the text, or what it asks the screen for. */
  command?: Command
  ask?: Ask
  /** Where what it asks for makes sense; everywhere without it. */
  can?: (state: EditorState) => boolean
  /** Whether its key counts in the fields beside the text too. */
  everywhere?: boolean
  /** Whether it shows as pressed; only a tool that toggles has this. */
  on?: (state: EditorState) => boolean
}

/** Whether the text offers a tool at all, which its toolset decides. */
export function isOffered(tool: Tool, state: EditorState): boolean {
  return isIn(tool, offerOf(state))
}

/** Whether a tool is among those a text offers. */
export function isIn(tool: Tool, offer: Offer): boolean {
  return !isGoverned(tool.id, tool.group) || has(offer, tool.id)
}

/** Whether a tool applies where the selection stands. One that does not does nothing, wherever it is offered. */
export function canUse(tool: Tool, state: EditorState): boolean {
  if (!isOffered(tool, state)) return false
  return tool.command ? tool.command(state) : (tool.can?.(state) ?? true)
}
