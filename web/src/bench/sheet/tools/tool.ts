import type { Command, EditorState } from 'prosemirror-state'

/** The parts of the screen that a tool can ask for. */
export type Ask =
  | 'link'
  | 'picture'
  | 'gallery'
  | 'settings'
  | 'table'
  | 'table-settings'
  | 'columns'
  | 'embed'
  | 'audio'
  | 'video'
  | 'download'
  | 'button'
  | 'jump'
  | 'html'
  | 'colour'
  | 'abbreviation'
  | 'language'
  | 'characters'
  | 'find'
  | 'insert'
  | 'shortcuts'
  | 'helps'
  | 'quiet'
  | 'fold-tools'
  | 'counts'
  | 'paste-text'
  | 'tidy'
  | 'out'
  | 'save-outline'
  | 'import'

export const groups = {
  text: 'Text',
  structure: 'Structure',
  insert: 'Insert',
  table: 'Table',
  blocks: 'Blocks',
  tidy: 'Tidy',
  view: 'View',
} as const

/** One thing a person can do with the text; every place that offers it is made from this. */
export interface Tool {
  id: string
  name: string
  group: keyof typeof groups
  /** Its key, as ProseMirror names keys; Mod is Ctrl, or Cmd on a Mac. */
  keys?: string
  /** Other keys for the same thing. */
  otherKeys?: string[]
  /** More words it may be looked for by. */
  words?: string
  /** Whether it stands in the insert list. */
  inserts?: boolean
  /** Either what it does to the text, or what it asks the screen for. */
  command?: Command
  ask?: Ask
  /** Whether its key counts in the fields beside the text too. */
  everywhere?: boolean
  /** Whether it shows as pressed. */
  on?: (state: EditorState) => boolean
}
