import { Fragment, type Node, Slice } from 'prosemirror-model'
import { Plugin, Selection, type Transaction } from 'prosemirror-state'
import { TableMap } from 'prosemirror-tables'
import type { EditorView } from 'prosemirror-view'
import { columnWidths, gridOf } from '../base/grid'
import { setWidths, tableAt } from '../commands/tables'
import { schema } from '../model/schema'

const { table, table_row, table_cell, table_header, table_block } = schema.nodes

/** Tables that have been looked at and are as the format has them. */
const known = new WeakSet<Node>()

/**
 * Keeps every changed table as the format has it: header cells where the table says they are, and no
 * row or column in which no cell begins.
 */
export const tidyTables = new Plugin({
  appendTransaction(transactions, before, now) {
    if (!transactions.some((t) => t.docChanged)) return null
    const tr = now.tr
    const old = new Set(before.doc.children)
    now.doc.forEach((child, offset) => {
      if (old.has(child) || child.isTextblock || child.isAtom) return
      child.descendants((node, pos) => {
        if (node.type === table && !known.has(node)) tidy(tr, node, offset + 1 + pos)
        return !node.isTextblock
      })
    })
    return tr.docChanged ? tr : null
  },
})

function tidy(tr: Transaction, grid: Node, pos: number) {
  const smaller = shrunk(grid)
  const at = tr.mapping.map(pos)
  if (smaller !== grid) {
    const here = tr.selection.from
    tr.replaceWith(at, at + grid.nodeSize, smaller)
    // What goes lies behind the cell that grew, so the cursor stays where it is.
    if (here > at) tr.setSelection(Selection.near(tr.doc.resolve(Math.min(here, at + smaller.nodeSize - 1))))
  }
  const steps = tr.steps.length
  head(tr, smaller, at)
  if (tr.steps.length === steps && smaller === grid) known.add(grid)
}

/** Takes out rows and columns that only hold what began elsewhere. */
function shrunk(grid: Node): Node {
  const map = TableMap.get(grid)
  if (map.problems?.length) return grid
  const rowBegins: boolean[] = grid.children.map((row) => row.childCount > 0)
  const columnBegins: boolean[] = Array(map.width).fill(false)
  for (const pos of new Set(map.map)) columnBegins[map.findCell(pos).left] = true
  if (rowBegins.every(Boolean) && columnBegins.every(Boolean)) return grid
  const count = (begins: boolean[], from: number, to: number) => begins.slice(from, to).filter(Boolean).length
  const rows: Node[] = []
  let pos = 0
  grid.children.forEach((row, r) => {
    const cells: Node[] = []
    let at = pos + 1
    for (const cell of row.children) {
      const rect = map.findCell(at)
      const widths = cell.attrs.colwidth as number[] | null
      const attrs = {
        ...cell.attrs,
        rowspan: count(rowBegins, rect.top, rect.bottom),
        colspan: count(columnBegins, rect.left, rect.right),
        colwidth: widths?.filter((_, i) => columnBegins[rect.left + i]) ?? null,
      }
      cells.push(cell.type.create(attrs, cell.content))
      at += cell.nodeSize
    }
    if (rowBegins[r]) rows.push(table_row.create(null, cells))
    pos += row.nodeSize
  })
  const headerRows = count(rowBegins, 0, grid.attrs.headerRows)
  return table.create({ ...grid.attrs, headerRows }, rows)
}

/** Makes the cells header cells where the table says so. */
function head(tr: Transaction, grid: Node, gridPos: number) {
  const map = TableMap.get(grid)
  if (map.problems?.length) return
  const headerRows = headRows(grid, map)
  const headerColumn = grid.attrs.headerColumn && headerRows < grid.childCount
  if (headerRows !== grid.attrs.headerRows || headerColumn !== grid.attrs.headerColumn) {
    tr.setNodeMarkup(gridPos, null, { headerRows, headerColumn })
  }
  for (const pos of new Set(map.map)) {
    const { top, left } = map.findCell(pos)
    const type = top < headerRows || (headerColumn && left === 0) ? table_header : table_cell
    const cell = grid.nodeAt(pos)
    if (cell && cell.type !== type) tr.setNodeMarkup(gridPos + 1 + pos, type, cell.attrs)
  }
}

/** As many header rows as wanted, but no cell may reach from them into the body. */
function headRows(grid: Node, map: TableMap): number {
  let wanted = Math.min(grid.attrs.headerRows, grid.childCount)
  for (const pos of new Set(map.map)) {
    const { top, bottom } = map.findCell(pos)
    if (top < wanted && bottom > wanted) wanted = top
  }
  return wanted
}

/** What was copied within one cell, without the table around it: a word of a cell is a word, and no cell. */
function withinCell(slice: Slice): Slice {
  let { content, openStart, openEnd } = slice
  while (content.childCount === 1 && openStart > 0 && openEnd > 0) {
    const node = content.firstChild as Node
    content = node.content
    openStart--
    openEnd--
    if (node.type === table_cell || node.type === schema.nodes.table_header) {
      return openStart > 0 && openEnd > 0 ? new Slice(content, openStart, openEnd) : slice
    }
  }
  return slice
}

/** What is pasted as a table into a cell fills cells, and tab-separated lines are a table too. */
export const tablePaste = new Plugin({
  props: {
    transformPasted: (pasted, view) => {
      const slice = withinCell(pasted)
      if (!view || !tableAt(view.state) || slice.content.childCount !== 1) return slice
      const only = slice.content.firstChild
      return only?.type === table_block ? new Slice(Fragment.from(gridOf(only)), 0, 0) : slice
    },
    clipboardTextParser: (text, _$context, plain, view) => {
      const lines = text.replace(/\r\n?/g, '\n').replace(/\n$/, '').split('\n')
      const inTable = view && tableAt(view.state)
      if (plain || !inTable || !lines.some((l) => l.includes('\t'))) return null as unknown as Slice
      const rows = lines.map((line) =>
        table_row.create(
          null,
          line.split('\t').map((cell) => {
            const words = cell.trim()
            return table_cell.create(null, schema.node('paragraph', null, words ? [schema.text(words)] : []))
          }),
        ),
      )
      return new Slice(Fragment.from(table.create({ headerRows: 0 }, rows)), 0, 0)
    },
  },
})

/** How near the line between two columns the pointer must be, in pixels. */
const NEAR = 5

interface Drag {
  gridPos: number
  column: number
  widths: number[]
  startX: number
  total: number
  dom: HTMLTableElement
}

/** Column widths by dragging the line between two columns; Escape leaves them as they were. */
export function columnDrag(): Plugin {
  let drag: Drag | null = null

  function begin(view: EditorView, event: MouseEvent): boolean {
    const found = lineAt(view, event)
    if (!found) return false
    event.preventDefault()
    drag = found
    const move = (e: MouseEvent) => {
      if (drag) show(drag, moved(drag, e.clientX))
    }
    const stop = (widths: number[] | null) => {
      removeEventListener('mousemove', move)
      removeEventListener('mouseup', up)
      removeEventListener('keydown', key, true)
      const at = drag
      drag = null
      if (at && widths) view.dispatch(setWidths(view.state.tr, at.gridPos, widths))
      else if (at) show(at, columnWidths(view.state.doc.nodeAt(at.gridPos) as Node))
    }
    const up = (e: MouseEvent) => stop(drag && moved(drag, e.clientX))
    const key = (e: KeyboardEvent) => {
      if (e.key !== 'Escape') return
      e.preventDefault()
      stop(null)
    }
    addEventListener('mousemove', move)
    addEventListener('mouseup', up)
    addEventListener('keydown', key, true)
    return true
  }

  return new Plugin({
    props: {
      handleDOMEvents: {
        mousedown: (view, event) => event.button === 0 && begin(view, event),
        mousemove: (view, event) => {
          if (!drag && event.buttons === 0) view.dom.classList.toggle('on-column-line', !!lineAt(view, event))
          return false
        },
      },
    },
  })
}

function lineAt(view: EditorView, event: MouseEvent): Drag | null {
  const cell = event.target instanceof Element ? event.target.closest('td, th') : null
  if (!(cell instanceof HTMLTableCellElement) || !view.dom.contains(cell)) return null
  const box = cell.getBoundingClientRect()
  const right = box.right - event.clientX < NEAR
  if (!right && event.clientX - box.left >= NEAR) return null
  const dom = cell.closest('table') as HTMLTableElement
  const $cell = view.state.doc.resolve(view.posAtDOM(cell, 0))
  let depth = $cell.depth
  while (depth > 0 && $cell.node(depth).type !== table) depth--
  if (!depth) return null
  const grid = $cell.node(depth)
  const gridPos = $cell.before(depth)
  const map = TableMap.get(grid)
  const rect = map.findCell($cell.before(depth + 2) - gridPos - 1)
  const column = right ? rect.right - 1 : rect.left - 1
  if (column < 0 || column >= map.width - 1) return null
  return { gridPos, column, widths: measured(dom, map.width), startX: event.clientX, total: dom.offsetWidth, dom }
}

/** The widths the columns have now, in hundredths. */
function measured(dom: HTMLTableElement, count: number): number[] {
  const edges = new Map<number, number>()
  for (const row of dom.rows) {
    let column = 0
    if (row.cells.length !== count) continue
    for (const cell of row.cells) edges.set(column++, cell.offsetWidth)
    break
  }
  const even = Math.floor(100 / count)
  if (!edges.size) return Array(count).fill(even)
  const widths = Array.from({ length: count }, (_, i) =>
    Math.max(1, Math.round(((edges.get(i) ?? 0) * 100) / dom.offsetWidth)),
  )
  widths[count - 1] += 100 - widths.reduce((a, b) => a + b, 0)
  return widths
}

function moved(drag: Drag, x: number): number[] {
  const by = Math.round(((x - drag.startX) * 100) / drag.total)
  const pair = drag.widths[drag.column] + drag.widths[drag.column + 1]
  const left = Math.max(3, Math.min(pair - 3, drag.widths[drag.column] + by))
  return drag.widths.map((w, i) => (i === drag.column ? left : i === drag.column + 1 ? pair - left : w))
}

function show(drag: Drag, widths: number[]) {
  drag.dom.querySelectorAll('col').forEach((col, i) => {
    col.style.width = widths[i] ? `${widths[i]}%` : ''
  })
}
