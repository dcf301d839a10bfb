import type { Node, NodeSpec, Schema } from 'prosemirror-model'
import type { EditorView, NodeView } from 'prosemirror-view'
import type { ReactNode } from 'react'
import type { Ask } from '../base/ask'
import type { SheetHost } from '../base/host'
import type { PanelProps } from '../panels/props'

/** A node of the sheet, and the position before it. */
export interface Found {
  node: Node
  pos: number
}

/** What a block's reader may use: the schema, and the readers of what can stand inside it. */
export interface Reading {
  schema: Schema
  /** The blocks among the children of an element. */
  blocks(parent: Element): Node[]
  /** At least a line to write on, where blocks must stand. */
  filled(content: Node[]): Node[]
  /** Running text. */
  inlines(nodes: Iterable<ChildNode>): Node[]
  /** What is in an item or a cell: a plain first paragraph may stand bare in it. */
  cell(parent: Element): Node[]
}

/** What a block's writer may use: the writers of what stands inside it. */
export interface Writing {
  /** The stored HTML of each block inside a node; those that are nothing to a reader are left out. */
  children(node: Node): string[]
  /** Some lines between a start tag and an end tag, each on a line of its own. */
  within(lines: string[]): string
  /** What is in an item of a list. */
  item(item: Node): string
  /** What is in a cell of a table. */
  cell(cell: Node): string
}

/** The families in which the insert list and the menu Insert show what can be put in. */
export const families = {
  text: 'Text',
  media: 'Pictures and media',
  layout: 'Layout',
  site: 'Links and the site',
} as const

export type Family = keyof typeof families

/** A way to put a block in: as it is made, around what is selected, or after a dialog has asked. */
export interface Insert {
  id: string
  name: string
  /** A few words on what it is for. */
  about: string
  family: Family
  /** Its key, as ProseMirror names keys. */
  keys?: string
  /** More words it may be looked for by. */
  words?: string
  make?: (schema: Schema) => Node
  wraps?: string
  ask?: Ask
}

type MakeView = (node: Node, view: EditorView, getPos: () => number | undefined, host: SheetHost) => NodeView

/** A node that is part of a block and no block itself: an item, a cell, a caption. */
export interface PartSpec {
  schema: NodeSpec
  /** What people call it; without one it only holds others. */
  name?: string
  view?: MakeView
}

/**
 * Everything the sheet knows of one kind of block, in one place. `kinds.ts` lists all kinds; the schema, the
 * reader, the writer, the names, the signs, the spine's map, the panels and the insert list are made from it.
 */
export interface BlockSpec {
  /** What people call it. */
  name: string | ((node: Node) => string)
  /** A few words that tell it from others of its kind; without it, the words it holds. */
  words?: (node: Node) => string
  /** The lines of its small sign, in a box of 14 by 14. */
  sign: string
  /** The node in the sheet's document, `block` group and all. */
  schema: NodeSpec
  /** The nodes it is made of, by name. */
  parts?: Record<string, PartSpec>
  /** The elements of stored HTML it is read from, as `name` or `name.class`. */
  tags: string[]
  /** Reads such an element. */
  read: (element: Element, reading: Reading) => Node
  /** Writes it as the stored form has it, byte by byte as the core does. */
  write: (node: Node, writing: Writing) => string
  /** Whether such a block is nothing to a reader; it is not stored then. */
  isVoid?: (node: Node) => boolean
  /** The nodes that hold blocks inside it, in the order in which the core counts its groups. */
  groups?: (found: Found) => Found[]
  /** Shows it, where its schema alone does not. */
  view?: MakeView
  /** Its settings while it is picked. */
  panel?: (props: PanelProps) => ReactNode
  /** The ways to put it in. */
  inserts?: Insert[]
  /** Whether the clipboard carries it as the HTML it is stored as. */
  whole?: boolean
}

/** The children of a node, each with its position. */
export function childrenOf({ node, pos }: Found): Found[] {
  const out: Found[] = []
  node.forEach((child, offset) => {
    out.push({ node: child, pos: pos + 1 + offset })
  })
  return out
}
