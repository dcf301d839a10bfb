import type { Node, NodeSpec, Schema } from 'prosemirror-model'
import type { PartSpec } from './spec'

const cellAttrs = {
  colspan: { default: 1 },
  rowspan: { default: 1 },
  // Widths of the columns it covers, in hundredths of the table.
  colwidth: { default: null },
  align: { default: '' },
}

function cell(tag: string, role: string): NodeSpec {
  return {
    content: 'block+',
    attrs: cellAttrs,
    tableRole: role,
    isolating: true,
    parseDOM: [
      {
        tag,
        getAttrs: (e) => ({
          colspan: Number(e.getAttribute('colspan') ?? 1),
          rowspan: Number(e.getAttribute('rowspan') ?? 1),
          align: e.getAttribute('data-align') ?? '',
        }),
      },
    ],
    toDOM: (node) => {
      const { colspan, rowspan, align } = node.attrs
      return [
        tag,
        {
          ...(colspan > 1 ? { colspan } : {}),
          ...(rowspan > 1 ? { rowspan } : {}),
          ...(align ? { class: align, 'data-align': align } : {}),
        },
        0,
      ]
    },
  }
}

/**
 * The cells of a table. The roles are those of prosemirror-tables. How many rows and columns are headers stands
 * at the grid; a plugin makes the cells follow.
 */
export const gridParts: Record<string, PartSpec> = {
  table: {
    schema: {
      content: 'table_row+',
      tableRole: 'table',
      isolating: true,
      attrs: { headerRows: { default: 1 }, headerColumn: { default: false } },
      // Only cells copied from a table here; whole tables have their own rule.
      parseDOM: [{ tag: 'table[data-cells]' }],
      toDOM: () => ['table', { 'data-cells': '' }, ['tbody', 0]],
    },
  },
  table_row: {
    schema: {
      content: '(table_cell | table_header)*',
      tableRole: 'row',
      parseDOM: [{ tag: 'tr' }],
      toDOM: () => ['tr', 0],
    },
  },
  table_cell: { name: 'Cell', schema: cell('td', 'cell') },
  table_header: { name: 'Header cell', schema: cell('th', 'header_cell') },
}

/** The grid of a table in HTML; what is in each cell, somebody else reads. */
export function readGrid(schema: Schema, table: HTMLTableElement, cells: (cell: Element) => Node[]): Node {
  const rows = [...table.rows]
  const headed = table.tHead?.rows.length ?? leadingHeaders(rows)
  const body = rows.slice(headed)
  const headerColumn = body.length > 0 && startsWithHeader(body)
  const widths = [...table.querySelectorAll(':scope > colgroup > col')].map((c) =>
    Number.parseInt((c as HTMLElement).style.width, 10),
  )
  const covered: number[] = []
  const made = rows.map((tr, r) => {
    let column = 0
    const row = [...tr.cells].map((td) => {
      while ((covered[column] ?? 0) > r) column++
      const { colSpan: colspan, rowSpan: rowspan } = td
      const colwidth = widths.length ? widths.slice(column, column + colspan) : null
      const header = r < headed || (headerColumn && column === 0)
      const align = td.className.match(/\balign-\w+/)?.[0] ?? ''
      for (let i = 0; i < colspan; i++) covered[column + i] = r + rowspan
      column += colspan
      const type = header ? 'table_header' : 'table_cell'
      return schema.node(type, { colspan, rowspan, colwidth, align }, cells(td))
    })
    return schema.node('table_row', null, row)
  })
  return schema.node('table', { headerRows: headed, headerColumn }, made)
}

/** Whether a row names the columns; where it meets a column that names the rows, a cell may be empty. */
function allHeaders(row: HTMLTableRowElement): boolean {
  const [first, ...others] = row.cells
  const corner = others.length > 0 && first.localName === 'td' && !first.children.length && !first.textContent?.trim()
  return (corner ? others : [...row.cells]).every((c) => c.localName === 'th' && c.scope !== 'row')
}

function leadingHeaders(rows: HTMLTableRowElement[]): number {
  const first = rows.findIndex((r) => !allHeaders(r))
  return first < 0 ? Math.min(1, rows.length - 1) : first
}

function startsWithHeader(rows: HTMLTableRowElement[]): boolean {
  let covered = 0
  for (const row of rows) {
    if (covered > 0) {
      covered--
      continue
    }
    if (row.cells[0]?.localName !== 'th') return false
    covered = row.cells[0].rowSpan - 1
  }
  return true
}
