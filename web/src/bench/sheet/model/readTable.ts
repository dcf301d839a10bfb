import type { Node } from 'prosemirror-model'
import { inlines } from './readInline'
import { schema } from './schema'

/** A table of stored HTML, or one from elsewhere, whose cells somebody else reads. */
export function readTable(table: Element, cellBlocks: (cell: Element) => Node[]): Node {
  const caption = table.querySelector(':scope > caption')
  const description = caption?.querySelector(':scope > p.description')
  const words = [...(caption?.childNodes ?? [])].filter((n) => n !== description)
  const has = (name: string) => table.classList.contains(name)
  const attrs = {
    description: description?.textContent ?? '',
    borders: ['borders-none', 'borders-all'].find(has) ?? '',
    padding: ['padding-tight', 'padding-roomy'].find(has) ?? '',
    side: ['left', 'centre', 'right', 'wide'].find(has) ?? '',
  }
  return schema.node('table_block', attrs, [
    schema.node('table_caption', null, inlines(words)),
    grid(table as HTMLTableElement, cellBlocks),
  ])
}

function grid(table: HTMLTableElement, cellBlocks: (cell: Element) => Node[]): Node {
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
    const cells = [...tr.cells].map((td) => {
      while ((covered[column] ?? 0) > r) column++
      const { colSpan: colspan, rowSpan: rowspan } = td
      const colwidth = widths.length ? widths.slice(column, column + colspan) : null
      const header = r < headed || (headerColumn && column === 0)
      const align = td.className.match(/\balign-\w+/)?.[0] ?? ''
      for (let i = 0; i < colspan; i++) covered[column + i] = r + rowspan
      column += colspan
      const type = header ? 'table_header' : 'table_cell'
      return schema.node(type, { colspan, rowspan, colwidth, align }, cellBlocks(td))
    })
    return schema.node('table_row', null, cells)
  })
  return schema.node('table', { headerRows: headed, headerColumn }, made)
}

function leadingHeaders(rows: HTMLTableRowElement[]): number {
  const first = rows.findIndex((r) => ![...r.cells].every((c) => c.localName === 'th'))
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
