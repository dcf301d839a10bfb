import type { Node } from 'prosemirror-model'
import type { SheetHost } from '../base/host'

/** What the settings of a picked block are given: the block, how to change it, and the sheet it is on. */
export interface PanelProps {
  node: Node
  pos: number
  set: (attrs: Record<string, unknown>) => void
  host: SheetHost
}
