import type { Command } from 'prosemirror-state'
import * as c from '../commands/tables'
import type { Tool } from './tool'

function tool(id: string, name: string, command: Command, keys?: string, words = ''): Tool {
  return { id, name, group: 'table', command, keys, words }
}

/** Tools for the table the cursor stands in. */
export const tableTools: Tool[] = [
  tool('row-before', 'Row above', c.rowBefore, 'Mod-Alt-ArrowUp', 'add insert'),
  tool('row-after', 'Row below', c.rowAfter, 'Mod-Alt-ArrowDown', 'add insert'),
  tool('column-before', 'Column before', c.columnBefore, 'Mod-Alt-ArrowLeft', 'add insert left'),
  tool('column-after', 'Column after', c.columnAfter, 'Mod-Alt-ArrowRight', 'add insert right'),
  tool('delete-row', 'Delete the row', c.deleteRow, undefined, 'remove'),
  tool('delete-column', 'Delete the column', c.deleteColumn, undefined, 'remove'),
  tool('row-up', 'Move the row up', c.rowUp),
  tool('row-down', 'Move the row down', c.rowDown),
  tool('column-left', 'Move the column left', c.columnLeft),
  tool('column-right', 'Move the column right', c.columnRight),
  tool('merge', 'Merge cells', c.mergeCells, 'Mod-Alt-=', 'join'),
  tool('split', 'Split the cell', c.splitCell, undefined, 'unmerge'),
  tool('header-row', 'Header row', c.toggleHeaderRow),
  tool('header-column', 'Header column', c.toggleHeaderColumn),
  tool('sort-up', 'Sort by this column, smallest first', c.sortByColumn(1), undefined, 'ascending a to z'),
  tool('sort-down', 'Sort by this column, largest first', c.sortByColumn(-1), undefined, 'descending z to a'),
  {
    id: 'table-settings',
    name: 'Table settings',
    group: 'table',
    words: 'description borders padding widths place',
    ask: 'table-settings',
  },
]
