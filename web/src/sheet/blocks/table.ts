import type { Node } from 'prosemirror-model'
import { columnWidths, gridOf, gridPos } from '../base/grid'
import { attribute, escapeText, inline } from '../base/html'
import { lineView } from '../views/caption'
import { GridView, TableBlockView } from '../views/table'
import { type BlockSpec, childrenOf, type Reading, type Writing } from './spec'
import { gridParts, readGrid } from './tableGrid'
import { directed, dirOf, ownDir } from './text'

/** A table of stored HTML, or one from elsewhere, whose cells somebody else reads. */
export function readTable(table: Element, { schema, inlines }: Reading, cells: (cell: Element) => Node[]): Node {
  const caption = table.querySelector(':scope > caption')
  const description = caption?.querySelector(':scope > p.description')
  const words = [...(caption?.childNodes ?? [])].filter((n) => n !== description)
  const told = description?.textContent?.trim()
  const has = (name: string) => table.classList.contains(name)
  const attrs = {
    borders: ['borders-none', 'borders-all'].find(has) ?? '',
    padding: ['padding-tight', 'padding-roomy'].find(has) ?? '',
    side: ['left', 'centre', 'right', 'wide'].find(has) ?? '',
    dir: dirOf(table),
  }
  return schema.node('table_block', attrs, [
    schema.node('table_caption', null, inlines(words)),
    schema.node('table_description', null, told ? [schema.text(told)] : []),
    readGrid(schema, table as HTMLTableElement, cells),
  ])
}

function caption(words: string, description: string): string {
  if (!words && !description) return ''
  const more = description ? `\n<p class="description">${escapeText(description)}</p>\n` : ''
  return `<caption>${words}${more}</caption>`
}

function colgroup(grid: Node): string {
  const cols = columnWidths(grid).map((w) => `<col style="width: ${w}%">`)
  return cols.length ? `<colgroup>${cols.join('')}</colgroup>` : ''
}

function rows(group: string, all: readonly Node[], scope: (first: boolean) => string, writing: Writing): string {
  if (!all.length) return ''
  let covered = 0 // rows below whose first column belongs to a cell from above
  const lines = all.map((row) => {
    const begins = covered === 0
    covered = begins ? (row.firstChild?.attrs.rowspan ?? 1) - 1 : covered - 1
    return `<tr>\n${row.children.map((c, i) => cell(c, scope(begins && i === 0), writing)).join('\n')}</tr>`
  })
  return `<${group}>\n${lines.join('\n')}\n</${group}>`
}

function cell(node: Node, scope: string, writing: Writing): string {
  const { colspan, rowspan, align } = node.attrs
  const content = writing.cell(node)
  // Where rows and columns meet, an empty cell names neither.
  const header = node.type.name === 'table_header' && !(scope === 'corner' && !content)
  const name = header ? 'th' : 'td'
  const spans = `${colspan > 1 ? ` colspan="${colspan}"` : ''}${rowspan > 1 ? ` rowspan="${rowspan}"` : ''}`
  const scoped = header ? ` scope="${scope === 'corner' ? 'col' : scope}"` : ''
  return `<${name}${spans}${scoped}${attribute('class', align)}>${content}</${name}>`
}

/** A table with its caption, its description for those who cannot see it, and its grid of cells. */
export const table: BlockSpec = {
  name: 'Table',
  sign: 'M1 2h12v10H1zM1 5.500h12M1 9h12M6 2v10',
  schema: {
    group: 'block',
    content: 'table_caption table_description table',
    isolating: true,
    attrs: { borders: { default: '' }, padding: { default: '' }, side: { default: '' }, ...directed },
    toDOM: (node) => ['div', ownDir(node.attrs.dir), 0],
  },
  parts: {
    table_caption: {
      name: 'Caption',
      schema: { content: 'inline*', isolating: true, toDOM: () => ['div', { class: 'caption-of-table' }, 0] },
      view: lineView('div', 'Caption of the table', 'caption-of-table'),
    },
    table_description: {
      name: 'Description',
      schema: { content: 'text*', marks: '', isolating: true, toDOM: () => ['div', { class: 'description' }, 0] },
      view: lineView('div', 'Description, for people who cannot see the table', 'description'),
    },
    ...gridParts,
    table: { ...gridParts.table, view: (node) => new GridView(node) },
  },
  tags: ['table'],
  read: (e, reading) => readTable(e, reading, reading.cell),
  write: (node, writing) => {
    const { borders, padding, side, dir } = node.attrs
    const grid = gridOf(node)
    const { headerRows, headerColumn } = grid.attrs
    // The core keeps a description as one line.
    const description = node.child(1).textContent.replace(/\s+/g, ' ').trim()
    const parts = [caption(inline(node.child(0)), description), colgroup(grid)]
    parts.push(
      rows('thead', grid.children.slice(0, headerRows), (first) => (first && headerColumn ? 'corner' : 'col'), writing),
    )
    parts.push(rows('tbody', grid.children.slice(headerRows), () => 'row', writing))
    const classes = [borders, padding, side].filter(Boolean).join(' ')
    return `<table${attribute('class', classes)}${attribute('dir', dir)}>\n${parts.filter(Boolean).join('\n')}\n</table>`
  },
  groups: ({ node, pos }) => childrenOf({ node: gridOf(node), pos: gridPos(node, pos) }).flatMap(childrenOf),
  view: (node) => new TableBlockView(node),
  inserts: [
    {
      id: 'table',
      name: 'Table',
      about: 'Rows and columns with a header row',
      family: 'text',
      keys: 'Mod-Alt-t',
      words: 'rows columns cells',
      ask: 'table',
    },
  ],
}
