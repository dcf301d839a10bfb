import type { Node } from 'prosemirror-model'
import { TableMap } from 'prosemirror-tables'
import { attribute, escapeText, inline } from './writeInline'

export function writeTable(node: Node, content: (cell: Node) => string): string {
  const { borders, padding, side, description } = node.attrs
  const grid = node.child(1)
  const { headerRows } = grid.attrs
  const parts = [caption(inline(node.child(0)), description), colgroup(grid)]
  parts.push(rows('thead', grid.children.slice(0, headerRows), 'col', content))
  parts.push(rows('tbody', grid.children.slice(headerRows), 'row', content))
  const classes = [borders, padding, side].filter(Boolean).join(' ')
  return `<table${attribute('class', classes)}>\n${parts.filter(Boolean).join('\n')}\n</table>`
}

function caption(words: string, description: string): string {
  if (!words && !description) return ''
  const more = description ? `\n<p class="description">${escapeText(description)}</p>\n` : ''
  return `<caption>${words}${more}</caption>`
}

/** The width of each column in hundredths of the table; empty where nobody said. */
export function columnWidths(grid: Node): number[] {
  const map = TableMap.get(grid)
  const widths: number[] = Array(map.width).fill(0)
  for (let c = 0; c < map.width; c++) {
    const pos = map.map[c]
    const given = grid.nodeAt(pos)?.attrs.colwidth as number[] | null
    const rect = map.findCell(pos)
    widths[c] = given?.[c - rect.left] ?? 0
  }
  const known = widths.filter((w) => w > 0)
  if (!known.length) return []
  if (known.length === widths.length) return widths
  // A column that came later gets an even share, and the others make room.
  const even = Math.floor(100 / widths.length)
  const left = (100 - even * (widths.length - known.length)) / known.reduce((a, b) => a + b, 0)
  return widths.map((w) => (w > 0 ? Math.max(1, Math.floor(w * left)) : even))
}

function colgroup(grid: Node): string {
  const cols = columnWidths(grid).map((w) => `<col style="width: ${w}%">`)
  return cols.length ? `<colgroup>${cols.join('')}</colgroup>` : ''
}

function rows(group: string, all: readonly Node[], scope: string, content: (cell: Node) => string): string {
  if (!all.length) return ''
  const lines = all.map((row) => `<tr>\n${row.children.map((c) => cell(c, scope, content)).join('\n')}</tr>`)
  return `<${group}>\n${lines.join('\n')}\n</${group}>`
}

function cell(node: Node, scope: string, content: (cell: Node) => string): string {
  const { colspan, rowspan, align } = node.attrs
  const header = node.type.name === 'table_header'
  const name = header ? 'th' : 'td'
  const spans = `${colspan > 1 ? ` colspan="${colspan}"` : ''}${rowspan > 1 ? ` rowspan="${rowspan}"` : ''}`
  const scoped = header ? ` scope="${scope}"` : ''
  return `<${name}${spans}${scoped}${attribute('class', align)}>${content(node)}</${name}>`
}
