import type { Node } from 'prosemirror-model'
import { type Command, type EditorState, Selection, TextSelection, type Transaction } from 'prosemirror-state'
import * as pm from 'prosemirror-tables'
import { columnWidths, gridOf, gridPos } from '../base/grid'
import { schema } from '../model/schema'
import { insertBlock } from './blocks'

const { table_block, table_caption, table_description, table, table_row, table_cell, table_header, paragraph } =
  schema.nodes

/** Largest table that is made or taken over at once. */
export const MOST_ROWS = 1000
export const MOST_COLUMNS = 100

/** Gives the table around the cursor the longer account for people who cannot see it. */
export function describeTable(words: string): Command {
  return wordsOfTable(1, words)
}

/** Gives the table another caption, in plain words. */
export function captionTable(words: string): Command {
  return wordsOfTable(0, words)
}

/** Puts other words into a line that stands above the cells; the same words stay as they are formatted. */
function wordsOfTable(line: 0 | 1, words: string): Command {
  return (state, dispatch) => {
    const found = tableAt(state)
    if (!found) return false
    const now = found.block.child(line)
    if (now.textContent === words) return true
    const start = found.blockPos + 1 + (line ? found.block.child(0).nodeSize : 0) + 1
    const end = start + now.content.size
    dispatch?.(words ? state.tr.replaceWith(start, end, schema.text(words)) : state.tr.delete(start, end))
    return true
  }
}

/** A new table with a header row, to be filled in. */
export function insertTable(rows: number, columns: number): Command {
  const cells = (header: boolean) =>
    Array.from({ length: columns }, () => (header ? table_header : table_cell).create(null, paragraph.create()))
  const made = Array.from({ length: rows }, (_, r) => table_row.create(null, cells(r === 0 && rows > 1)))
  const grid = table.create({ headerRows: rows > 1 ? 1 : 0 }, made)
  const block = table_block.create(null, [table_caption.create(), table_description.create(), grid])
  // Two empty lines, and the grid's and its first row's beginnings, stand before the first cell's line.
  return insertBlock(block, 2 + 2 + 2 + 2)
}

export interface InTable {
  block: Node
  blockPos: number
  grid: Node
  gridPos: number
}

/** The table around the selection. */
export function tableAt(state: EditorState): InTable | null {
  const { $from } = state.selection
  for (let depth = $from.depth; depth > 0; depth--) {
    if ($from.node(depth).type !== table_block) continue
    const block = $from.node(depth)
    const blockPos = $from.before(depth)
    return { block, blockPos, grid: gridOf(block), gridPos: gridPos(block, blockPos) }
  }
  return null
}

/** A command on cells works only with the selection in a cell. */
function inCells(command: Command): Command {
  return (state, dispatch, view) => {
    const found = tableAt(state)
    return !!found && pm.isInTable(state) && command(state, dispatch, view)
  }
}

export const rowBefore = inCells(pm.addRowBefore)
export const rowAfter = inCells(pm.addRowAfter)
/** Deletes the rows; a header row that goes leaves one header row fewer. */
export const deleteRow = inCells((state, dispatch) => {
  const found = tableAt(state)
  if (!found) return false
  const { top } = pm.selectedRect(state)
  const { headerRows } = found.grid.attrs
  return pm.deleteRow(
    state,
    dispatch &&
      ((tr: Transaction) => {
        const grid = tr.doc.nodeAt(found.gridPos)
        const gone = grid ? found.grid.childCount - grid.childCount : 0
        if (gone > 0 && top < headerRows) {
          tr.setNodeAttribute(found.gridPos, 'headerRows', headerRows - Math.min(headerRows - top, gone))
        }
        dispatch(tr)
      }),
  )
})
export const columnBefore = inCells(pm.addColumnBefore)
export const columnAfter = inCells(pm.addColumnAfter)
export const deleteColumn = inCells(pm.deleteColumn)
export const mergeCells = inCells(pm.mergeCells)
export const splitCell = inCells(pm.splitCell)
/** The place where one writes in a table before or after the cursor's, and whether there is none. */
function neighbour(state: EditorState, found: InTable, by: -1 | 1): { pos: number; at: -1 | 1 } | 'first' | 'last' {
  const { block, blockPos, grid, gridPos } = found
  // In the order in which they are read: caption, description, then the cells.
  const places = [blockPos + 1, blockPos + 1 + block.child(0).nodeSize]
  grid.forEach((row, rowOffset) => {
    row.forEach((_cell, offset) => {
      places.push(gridPos + 1 + rowOffset + 1 + offset)
    })
  })
  const here = places.findLastIndex((pos) => pos < state.selection.from)
  if (here + by < 0) return 'first'
  return here + by < places.length ? { pos: places[here + by], at: by } : 'last'
}

/**
 * Tab in a table: from the caption to the description, from there through the cells, and behind the last one into a
 * new row. It never leaves the table, and it picks nothing, so that what is typed next replaces nothing.
 */
export function tabInTable(by: -1 | 1): Command {
  return (state, dispatch, view) => {
    const found = tableAt(state)
    if (!found) return false
    if (!dispatch) return true
    const next = neighbour(state, found, by)
    if (next === 'first') return true
    if (next === 'last') {
      rowAfter(state, dispatch, view)
      if (view) tabInTable(1)(view.state, view.dispatch)
      return true
    }
    const node = state.doc.nodeAt(next.pos)
    const $end = state.doc.resolve(next.pos + (node?.nodeSize ?? 2) - 1)
    dispatch(state.tr.setSelection(Selection.near($end, -1)).scrollIntoView())
    return true
  }
}

/** Moves the row or column of the cursor past its neighbour. */
function moveLine(kind: 'row' | 'column', by: -1 | 1): Command {
  return inCells((state, dispatch, view) => {
    const rect = pm.selectedRect(state)
    const from = kind === 'row' ? rect.top : rect.left
    const to = by < 0 ? from - 1 : kind === 'row' ? rect.bottom : rect.right
    if (to < 0 || to >= (kind === 'row' ? rect.map.height : rect.map.width)) return false
    // Only whole, unmerged lines can change places.
    const whole = rect.map.map.every((pos, i) => {
      const here = kind === 'row' ? Math.floor(i / rect.map.width) : i % rect.map.width
      const cell = rect.map.findCell(pos)
      const span = kind === 'row' ? cell.bottom - cell.top : cell.right - cell.left
      return (here !== from && here !== to) || span === 1
    })
    if (!whole) return false
    const command =
      kind === 'row' ? pm.moveTableRow({ from, to, select: false }) : pm.moveTableColumn({ from, to, select: false })
    return command(state, dispatch, view)
  })
}

export const rowUp = moveLine('row', -1)
export const rowDown = moveLine('row', 1)
export const columnLeft = moveLine('column', -1)
export const columnRight = moveLine('column', 1)

/** Sets attributes of the whole table, or of its grid of cells. */
export function setTable(attrs: Record<string, unknown>, ofGrid = false): Command {
  return (state, dispatch) => {
    const found = tableAt(state)
    if (!found) return false
    const pos = ofGrid ? found.gridPos : found.blockPos
    const node = ofGrid ? found.grid : found.block
    dispatch?.(state.tr.setNodeMarkup(pos, null, { ...node.attrs, ...attrs }))
    return true
  }
}

export const toggleHeaderRow: Command = (state, dispatch) => {
  const found = tableAt(state)
  return found ? setTable({ headerRows: found.grid.attrs.headerRows ? 0 : 1 }, true)(state, dispatch) : false
}

export const toggleHeaderColumn: Command = (state, dispatch) => {
  const found = tableAt(state)
  return found ? setTable({ headerColumn: !found.grid.attrs.headerColumn }, true)(state, dispatch) : false
}

/** Sets how the lines stand in the selected cells. */
export function alignCells(align: string): Command {
  return inCells((state, dispatch) => {
    const rect = pm.selectedRect(state)
    const tr = state.tr
    for (const pos of rect.map.cellsInRect(rect)) tr.setNodeAttribute(rect.tableStart + pos, 'align', align)
    if (tr.docChanged) dispatch?.(tr)
    return tr.docChanged || !dispatch
  })
}

/** Gives every column a width in hundredths of the table; nothing leaves it to the page. */
export function setWidths(tr: Transaction, gridPos: number, widths: number[]): Transaction {
  const grid = tr.doc.nodeAt(gridPos)
  if (!grid) return tr
  const map = pm.TableMap.get(grid)
  for (const pos of new Set(map.map)) {
    const rect = map.findCell(pos)
    const own = widths.length ? widths.slice(rect.left, rect.right) : null
    tr.setNodeAttribute(gridPos + 1 + pos, 'colwidth', own)
  }
  return tr
}

/** Widths by number; they are made to add up to a hundred. */
export function widthsByNumber(wanted: number[]): Command {
  return (state, dispatch) => {
    const found = tableAt(state)
    if (!found) return false
    const sum = wanted.reduce((a, b) => a + b, 0)
    const fitted = wanted.map((w) => Math.max(1, Math.floor((w * 100) / Math.max(1, sum))))
    if (fitted.length) fitted[fitted.length - 1] += Math.max(0, 100 - fitted.reduce((a, b) => a + b, 0))
    dispatch?.(
      setWidths(
        state.tr,
        found.gridPos,
        fitted.map((w) => Math.min(100, w)),
      ),
    )
    return true
  }
}

export function widthsOf(state: EditorState): number[] {
  const found = tableAt(state)
  return found ? columnWidths(found.grid) : []
}

/** Sorts the body rows by the column of the cursor; numbers as numbers, words by the language. */
export function sortByColumn(direction: 1 | -1): Command {
  return inCells((state, dispatch, view) => {
    const found = tableAt(state)
    if (!found) return false
    const { grid, gridPos } = found
    const map = pm.TableMap.get(grid)
    const { headerRows } = grid.attrs
    const body = grid.children.slice(headerRows)
    // Merged cells tie rows together; such a table keeps its order.
    if (body.length < 2 || body.some((row) => row.children.some((c) => c.attrs.rowspan > 1))) return false
    if (!dispatch) return true
    const column = pm.selectedRect(state).left
    const compare = new Intl.Collator(view?.dom.lang || 'en', { numeric: true, sensitivity: 'base' }).compare
    const keyed = body.map((row, i) => {
      const pos = map.map[(headerRows + i) * map.width + column]
      return { row, text: (grid.nodeAt(pos)?.textContent ?? '').trim() }
    })
    keyed.sort((a, b) => {
      // An empty cell stands last whichever way it is sorted.
      if (!a.text || !b.text) return a.text ? -1 : b.text ? 1 : 0
      const [x, y] = [numberOf(a.text), numberOf(b.text)]
      return direction * (x !== null && y !== null ? x - y : compare(a.text, b.text))
    })
    const head = grid.children.slice(0, headerRows)
    const next = table.create(grid.attrs, [...head, ...keyed.map((k) => k.row)])
    const tr = state.tr.replaceWith(gridPos, gridPos + grid.nodeSize, next)
    // The cursor stays in the column, at its first row.
    const cell = pm.TableMap.get(next).map[headerRows * map.width + column]
    dispatch(tr.setSelection(TextSelection.near(tr.doc.resolve(gridPos + 1 + cell + 1))))
    return true
  })
}

/** A cell that is a number: digits with signs, separators, and a unit or percent sign behind. */
function numberOf(text: string): number | null {
  const m = text
    .replace(/[\u00a0\u202f\s](?=\d{3}\b)/g, '')
    .match(/^[^\d\-−+]{0,3}([-−+]?\d[\d,]*(?:\.\d+)?)\s?[%°\p{L}]{0,4}$/u)
  return m ? Number(m[1].replace('−', '-').replaceAll(',', '')) : null
}
