import { type EditorState, NodeSelection } from 'prosemirror-state'
import { Toolbar } from 'radix-ui'
import { Overflow, type Piece } from '../../shared/ui/Overflow'
import { nameOf } from '../blocks/kinds'
import { proportions } from '../blocks/layout'
import { startOf } from '../blocks/lists'
import { setAttrs, setShares } from '../commands/blocks'
import { currentStyle, restyle } from '../commands/style'
import { alignCells, tableAt } from '../commands/tables'
import { around, setList } from '../commands/text'
import { schema } from '../model/schema'
import { offerOf, offers } from '../plugins/toolset'
import { useSheet } from '../state/context'
import type { Sheet } from '../state/Sheet'
import { useDerived } from '../state/useEditor'
import { menu } from '../tools/registry'
import { Caution, Pick, Typed } from './Pick'
import { ToolButton } from './ToolButton'
import { ToolMenu } from './ToolMenu'

/** The line that says what the cursor is in, with what can be set there. */
export function ContextLine() {
  const sheet = useSheet()
  // Typing changes nothing here; only another place, or other attributes of what is around it, do.
  useDerived(signature)
  const { state } = sheet
  const { $from } = state.selection
  const trail: string[] = []
  for (let d = 1; d <= $from.depth; d++) {
    const name = nameOf($from.node(d))
    if (name && trail.at(-1) !== name) trail.push(name)
  }
  const picked = state.selection instanceof NodeSelection ? nameOf(state.selection.node) : ''
  if (picked && trail.at(-1) !== picked) trail.push(picked)
  return (
    <Toolbar.Root className="flex h-7 min-w-0 items-center gap-x-1 text-small" aria-label="Where the cursor stands">
      <p className="max-w-56 shrink-0 truncate pr-1 text-soft" data-testid="trail" title={trail.join(' › ')}>
        {trail.join(' › ') || 'Text'}
      </p>
      <Overflow items={pieces(state, sheet)} more="More to set here" backToText />
    </Toolbar.Root>
  )
}

function signature(state: EditorState): string {
  const { $from, empty } = state.selection
  const parts: string[] = [String(empty), offerOf(state).toolset?.label ?? '', String(offerOf(state).named.size)]
  for (let d = 1; d <= $from.depth; d++) {
    const node = $from.node(d)
    parts.push(node.type.name, JSON.stringify(node.attrs), String($from.before(d)), String(node.childCount > 9))
    if (node.type.name === 'columns') parts.push(node.children.map((c) => c.attrs.share).join())
  }
  if (state.selection instanceof NodeSelection) parts.push(state.selection.node.type.name)
  return parts.join(' ')
}

/** What can be set where the cursor stands, the outermost thing first. */
function pieces(state: EditorState, sheet: Sheet): Piece[] {
  if (tableAt(state)) return tablePieces(state, sheet)
  return [...boxPieces(state, sheet), ...listPieces(state, sheet), ...linePieces(state, sheet)]
}

function boxPieces(state: EditorState, sheet: Sheet): Piece[] {
  const { nodes } = schema
  const out: Piece[] = []
  const pick = (name: string, value: string, choices: (readonly [string, string])[], set: (v: string) => void) =>
    out.push({ key: name, node: <Pick name={name} value={value} choices={choices} set={set} /> })
  const gallery = around(state, nodes.gallery)
  if (gallery) {
    const rows = [1, 2, 3, 4, 5, 6].map((n): [string, string] => [String(n), `${n} in a row`])
    pick('Pictures in a row', String(gallery.node.attrs.columns), rows, (v) =>
      sheet.run(setAttrs(gallery.pos, { columns: Number(v) })),
    )
  }
  const columns = around(state, nodes.columns)
  if (columns) {
    const fitting = proportions.filter(([v]) => v.split(':').length === columns.node.childCount)
    pick('Proportions', columns.node.children.map((c) => c.attrs.share).join(':'), fitting, (v) =>
      sheet.run(setShares(v.split(':').map(Number))),
    )
  }
  const text = around(state, nodes.text_columns)
  if (text) {
    const { count, gap } = text.node.attrs
    const counts = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10].map((n): [string, string] => [
      String(n),
      n === 1 ? '1 column' : `${n} columns`,
    ])
    pick('Number of columns', String(count), counts, (v) => sheet.run(setAttrs(text.pos, { count: Number(v) })))
    const gaps = [...new Set([0, 16, 24, 32, 48, 64, 96, gap])].map((n): [string, string] => [String(n), `Gap ${n}`])
    pick('Gap between columns', String(gap), gaps, (v) => sheet.run(setAttrs(text.pos, { gap: Number(v) })))
    if (count > 3) {
      out.push({
        key: 'many columns',
        rank: -1,
        node: <Caution>More than three columns are hard to follow on a screen.</Caution>,
      })
    }
  }
  const callout = around(state, nodes.callout)
  if (callout) {
    const kinds: [string, string][] = [
      ['note', 'Note'],
      ['tip', 'Tip'],
      ['warning', 'Warning'],
    ]
    pick('Kind of callout', callout.node.attrs.kind, kinds, (v) => sheet.run(setAttrs(callout.pos, { kind: v })))
  }
  const code = around(state, nodes.code_block)
  if (code) {
    const set = (v: string) =>
      sheet.run(setAttrs(code.pos, { language: v.replace(/[^A-Za-z0-9+#.-]/g, '').slice(0, 30) }))
    out.push({ key: 'code', node: <Typed name="Language of the code" value={code.node.attrs.language} set={set} /> })
  }
  return out
}

function listPieces(state: EditorState, sheet: Sheet): Piece[] {
  const { bulleted_list, numbered_list } = schema.nodes
  const list = around(state, bulleted_list, numbered_list)
  if (!list) return []
  const { className, type, reversed, dir } = list.node.attrs
  const out: Piece[] = []
  if (list.node.type === bulleted_list) {
    const set = (v: string) => sheet.run(setList({ className: v }))
    out.push({ key: 'sign', node: <Pick name="Sign of the list" value={className} choices={bullets} set={set} /> })
  } else {
    const set = (v: string) => sheet.run(setList({ type: v }))
    out.push(
      { key: 'numbers', node: <Pick name="Kind of numbers" value={type} choices={numbers} set={set} /> },
      {
        key: 'start',
        node: (
          <label className="flex shrink-0 items-center gap-1">
            Starts at
            <input
              type="number"
              aria-label="First number"
              min={-9999}
              max={9999}
              value={startOf(list.node)}
              onChange={(e) =>
                Number.isInteger(e.target.valueAsNumber) && sheet.apply(setList({ start: e.target.valueAsNumber }))
              }
              className="h-6 w-16 rounded-3 border border-edge bg-sheet px-1"
            />
          </label>
        ),
      },
      {
        key: 'reversed',
        node: (
          <label className="flex h-6 shrink-0 items-center">
            <input
              type="checkbox"
              className="mx-1.5"
              checked={reversed}
              onChange={(e) => sheet.apply(setList({ reversed: e.target.checked, start: null }))}
            />
            Counts down
          </label>
        ),
      },
    )
    const item = around(state, schema.nodes.list_item)
    if (item && item.node !== list.node.firstChild) {
      out.push({
        key: 'value',
        rank: 1,
        node: (
          <label className="flex shrink-0 items-center gap-1">
            This number
            <input
              type="number"
              aria-label="Number of this item"
              placeholder="by counting"
              min={-9999}
              max={9999}
              value={item.node.attrs.value ?? ''}
              onChange={(e) => {
                const given = e.target.valueAsNumber
                sheet.apply(setAttrs(item.pos, { value: Number.isInteger(given) ? given : null }))
              }}
              className="h-6 w-24 rounded-3 border border-edge bg-sheet px-1"
            />
          </label>
        ),
      })
    }
  }
  out.push({ key: 'direction', rank: 1, node: <DirectionPick of="list" value={dir} pos={list.pos} sheet={sheet} /> })
  out.push({ key: 'nest', node: <ToolButton id="nest">In</ToolButton> })
  out.push({ key: 'unnest', node: <ToolButton id="unnest">Out</ToolButton> })
  return out
}

/** The alignments that are offered; the one that is, is shown in any case. */
function alignPick(state: EditorState, now: string, set: (v: string) => void): Piece[] {
  const offered = alignments.filter(([side]) => side === now || offers(state, `align-${side}`) || !side)
  return offered.length > 1
    ? [{ key: 'align', node: <Pick name="Alignment" value={now} choices={offered} set={set} /> }]
    : []
}

/** How the lines of a paragraph or heading stand. */
function linePieces(state: EditorState, sheet: Sheet): Piece[] {
  const style = currentStyle(state)
  if (!style) return []
  const heading = state.selection.$from.parent.type.name === 'heading' ? around(state, schema.nodes.heading) : null
  const align = (v: string) => sheet.run(restyle(() => ({ align: v })))
  const out: Piece[] = [
    ...alignPick(state, style.align, align),
    { key: 'outdent', node: <ToolButton id="outdent">⇤</ToolButton> },
    { key: 'indent', node: <ToolButton id="indent">⇥</ToolButton> },
  ]
  const { parent } = state.selection.$from
  const pos = state.selection.$from.before()
  out.push({
    key: 'direction of the line',
    rank: 1,
    node: <DirectionPick of="line" value={parent.attrs.dir} pos={pos} sheet={sheet} />,
  })
  if (!heading) out.push({ key: 'drop-cap', node: <ToolButton id="drop-cap">Drop cap</ToolButton> })
  if (sheet.writing.styles.length && offers(state, 'type')) {
    const styles: [string, string][] = [
      ['', 'No named style'],
      ...sheet.writing.styles.map((s): [string, string] => [s.name, s.label]),
    ]
    const set = (v: string) => sheet.run(restyle(() => ({ name: v })))
    out.push({
      key: 'style',
      node: <Pick name="Named style of the block" value={style.name} choices={styles} set={set} />,
    })
  }
  if (style.align === 'justified') {
    out.push({
      key: 'justified',
      rank: -1,
      node: <Caution>Even edges tear holes into lines on a phone. Left reads better there.</Caution>,
    })
  }
  if (heading) {
    const { anchor } = heading.node.attrs
    const set = (v: string) => sheet.renameTarget(anchor, v, heading.pos)
    out.push({ key: 'anchor', node: <Typed name="Jump target" hint="named by itself" value={anchor} set={set} /> })
  }
  return out
}

function tablePieces(state: EditorState, sheet: Sheet): Piece[] {
  const cell = around(state, schema.nodes.table_cell, schema.nodes.table_header)
  const table = around(state, schema.nodes.table_block)
  const align = (v: string) => sheet.run(alignCells(v))
  return [
    {
      key: 'row',
      node: (
        <ToolMenu name="Row" parts={menu('row')}>
          Row
        </ToolMenu>
      ),
    },
    {
      key: 'column',
      node: (
        <ToolMenu name="Column" parts={menu('column')}>
          Column
        </ToolMenu>
      ),
    },
    { key: 'merge', node: <ToolButton id="merge">Merge</ToolButton> },
    { key: 'split', node: <ToolButton id="split">Split</ToolButton> },
    {
      key: 'cells',
      node: (
        <Pick name="Lines in the cells" value={cell?.node.attrs.align ?? ''} choices={cellAlignments} set={align} />
      ),
    },
    {
      key: 'direction',
      rank: 1,
      node: <DirectionPick of="table" value={table?.node.attrs.dir ?? ''} pos={table?.pos ?? 0} sheet={sheet} />,
    },
    { key: 'settings', node: <ToolButton id="table-settings">Table settings</ToolButton> },
  ]
}

/** Which way a line, a list or a table runs, where that differs from the item. */
function DirectionPick({ of, value, pos, sheet }: { of: string; value: string; pos: number; sheet: Sheet }) {
  const set = (dir: string) => sheet.run(setAttrs(pos, { dir }))
  return <Pick name={`Direction of the ${of}`} value={value} choices={ways} set={set} />
}

const ways: [string, string][] = [
  ['', 'Runs as the item'],
  ['ltr', 'Left to right'],
  ['rtl', 'Right to left'],
]

const bullets: [string, string][] = [
  ['', 'Dots'],
  ['bullet-circle', 'Circles'],
  ['bullet-square', 'Squares'],
  ['bullet-dash', 'Dashes'],
  ['bullet-tick', 'Ticks'],
  ['bullet-none', 'No signs'],
]

const numbers: [string, string][] = [
  ['1', '1, 2, 3'],
  ['a', 'a, b, c'],
  ['A', 'A, B, C'],
  ['i', 'i, ii, iii'],
  ['I', 'I, II, III'],
]

const alignments: [string, string][] = [
  ['', 'As the language'],
  ['left', 'Left'],
  ['centre', 'Centre'],
  ['right', 'Right'],
  ['justified', 'Justified'],
]

const cellAlignments: [string, string][] = [
  ['', 'Cells: start'],
  ['align-left', 'Cells: left'],
  ['align-centre', 'Cells: centre'],
  ['align-right', 'Cells: right'],
  ['align-justified', 'Cells: justified'],
]
