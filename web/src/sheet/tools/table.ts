import type { Command } from 'prosemirror-state'
import * as c from '../commands/tables'
import type { MenuPlaces, Tool } from './tool'

function tool(id: string, name: string, command: Command, menus?: MenuPlaces, keys?: string, words = ''): Tool {
  return { id, name, group: 'table', command, menus, keys, words }
}

/** Tools for the table the cursor is in. */
export const tableTools: Tool[] = [
  tool('row-before', 'Row above', c.rowBefore, { row: 1 }, 'Mod-Alt-ArrowUp', 'add insert'),
  tool('row-after', 'Row below', c.rowAfter, { row: 1 }, 'Mod-Alt-ArrowDown', 'add insert'),
  tool('column-before', 'Column before', c.columnBefore, { column: 1 }, 'Mod-Alt-ArrowLeft', 'add insert left'),
  tool('column-after', 'Column after', c.columnAfter, { column: 1 }, 'Mod-Alt-ArrowRight', 'add insert right'),
  tool('delete-row', 'Delete the row', c.deleteRow, { row: 3 }, undefined, 'remove'),
  tool('delete-column', 'Delete the column', c.deleteColumn, { column: 3 }, undefined, 'remove'),
  tool('row-up', 'Move the row up', c.rowUp, { row: 2 }),
  tool('row-down', 'Move the row down', c.rowDown, { row: 2 }),
  tool('column-left', 'Move the column left', c.columnLeft, { column: 2 }),
  tool('column-right', 'Move the column right', c.columnRight, { column: 2 }),
  tool('merge', 'Merge cells', c.mergeCells, undefined, 'Mod-Alt-=', 'join'),
  tool('split', 'Split the cell', c.splitCell, undefined, undefined, 'unmerge'),
  tool('header-row', 'Header row', c.toggleHeaderRow, { row: 4 }),
  tool('header-column', 'Header column', c.toggleHeaderColumn, { column: 4 }),
  tool(
    'sort-up',
    'Sort by this column, smallest first',
    c.sortByColumn(1),
    { column: 5 },
    undefined,
    'ascending a to z',
  ),
  tool(
    'sort-down',
    'Sort by this column, largest first',
    c.sortByColumn(-1),
    { column: 5 },
    undefined,
    'descending z to a',
  ),
  {
    id: 'table-settings',
    name: 'Table settings',
    group: 'table',
    words: 'description borders padding widths place',
    ask: 'table-settings',
    can: (state) => !!c.tableAt(state),
  },
]
