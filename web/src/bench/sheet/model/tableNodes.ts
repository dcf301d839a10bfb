import type { NodeSpec } from 'prosemirror-model'

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
 * A table with its caption. The roles are those of prosemirror-tables. How many rows and columns are
 * headers stands at the table; `tables.ts` makes the cells follow.
 */
export const tableNodes: Record<string, NodeSpec> = {
  table_block: {
    group: 'block',
    content: 'table_caption table',
    isolating: true,
    attrs: {
      description: { default: '' },
      borders: { default: '' },
      padding: { default: '' },
      side: { default: '' },
    },
    toDOM: () => ['div', 0],
  },
  table_caption: { content: 'inline*', isolating: true, toDOM: () => ['div', { class: 'caption-of-table' }, 0] },
  table: {
    content: 'table_row+',
    tableRole: 'table',
    isolating: true,
    attrs: { headerRows: { default: 1 }, headerColumn: { default: false } },
    // Only cells copied from a table here; whole tables have their own rule.
    parseDOM: [{ tag: 'table[data-cells]' }],
    toDOM: () => ['table', { 'data-cells': '' }, ['tbody', 0]],
  },
  table_row: {
    content: '(table_cell | table_header)*',
    tableRole: 'row',
    parseDOM: [{ tag: 'tr' }],
    toDOM: () => ['tr', 0],
  },
  table_cell: cell('td', 'cell'),
  table_header: cell('th', 'header_cell'),
}
