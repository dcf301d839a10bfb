import { type EditorState, NodeSelection } from 'prosemirror-state'
import { Toolbar } from 'radix-ui'
import type { ReactNode } from 'react'
import { nameOf } from '../blocks/kinds'
import { proportions } from '../blocks/layout'
import { setAttrs, setShares } from '../commands/blocks'
import { currentStyle, restyle } from '../commands/style'
import { alignCells, tableAt } from '../commands/tables'
import { around, setList } from '../commands/text'
import { schema } from '../model/schema'
import { useSheet } from '../state/context'
import { useDerived } from '../state/useEditor'
import { menu } from '../tools/registry'
import { Line, ToolButton } from './ToolButton'
import { ToolMenu } from './ToolMenu'

/** The line that says what the cursor stands in, with what can be set there. */
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
  const picked = 'node' in state.selection ? nameOf(state.selection.node as Parameters<typeof nameOf>[0]) : ''
  if (picked && trail.at(-1) !== picked) trail.push(picked)
  return (
    <Toolbar.Root
      className="flex min-h-7 min-w-0 items-center gap-x-1 overflow-x-auto text-small"
      aria-label="Where the cursor stands"
    >
      <p className="min-w-24 truncate pr-1 text-soft" data-testid="trail" title={trail.join(' › ')}>
        {trail.join(' › ') || 'Text'}
      </p>
      {settings(state, sheet)}
    </Toolbar.Root>
  )
}

function signature(state: EditorState): string {
  const { $from, empty } = state.selection
  const parts: string[] = [String(empty)]
  for (let d = 1; d <= $from.depth; d++) {
    const node = $from.node(d)
    parts.push(node.type.name, JSON.stringify(node.attrs), String($from.before(d)), String(node.childCount > 9))
    if (node.type.name === 'columns') parts.push(node.children.map((c) => c.attrs.share).join())
  }
  if (state.selection instanceof NodeSelection) parts.push(state.selection.node.type.name)
  return parts.join(' ')
}

function settings(state: EditorState, sheet: ReturnType<typeof useSheet>): ReactNode {
  const { nodes } = schema
  const found = (name: string) => around(state, nodes[name])
  if (tableAt(state)) return <TableTools />
  const columns = found('columns')
  const text = found('text_columns')
  const callout = found('callout')
  const code = found('code_block')
  const list = around(state, nodes.bulleted_list, nodes.numbered_list)
  const gallery = found('gallery')
  return (
    <>
      {gallery && (
        <Pick
          name="Pictures in a row"
          value={String(gallery.node.attrs.columns)}
          choices={[1, 2, 3, 4, 5, 6].map((n) => [String(n), `${n} in a row`])}
          set={(v) => sheet.run(setAttrs(gallery.pos, { columns: Number(v) }))}
        />
      )}
      {columns && (
        <Pick
          name="Proportions"
          value={columns.node.children.map((c) => c.attrs.share).join(':')}
          choices={proportions.filter(([v]) => v.split(':').length === columns.node.childCount)}
          set={(v) => sheet.run(setShares(v.split(':').map(Number)))}
        />
      )}
      {text && (
        <>
          <Pick
            name="Number of columns"
            value={String(text.node.attrs.count)}
            choices={[1, 2, 3, 4, 5, 6, 7, 8, 9, 10].map((n) => [String(n), n === 1 ? '1 column' : `${n} columns`])}
            set={(v) => sheet.run(setAttrs(text.pos, { count: Number(v) }))}
          />
          <Pick
            name="Gap between columns"
            value={String(text.node.attrs.gap)}
            choices={[...new Set([0, 16, 24, 32, 48, 64, 96, text.node.attrs.gap])].map((n) => [String(n), `Gap ${n}`])}
            set={(v) => sheet.run(setAttrs(text.pos, { gap: Number(v) }))}
          />
          {text.node.attrs.count > 3 && <Caution>More than three columns are hard to follow on a screen.</Caution>}
        </>
      )}
      {callout && (
        <Pick
          name="Kind of callout"
          value={callout.node.attrs.kind}
          choices={[
            ['note', 'Note'],
            ['tip', 'Tip'],
            ['warning', 'Warning'],
          ]}
          set={(v) => sheet.run(setAttrs(callout.pos, { kind: v }))}
        />
      )}
      {code && (
        <Typed
          name="Language of the code"
          value={code.node.attrs.language}
          set={(v) => sheet.run(setAttrs(code.pos, { language: v.replace(/[^A-Za-z0-9+#.-]/g, '').slice(0, 30) }))}
        />
      )}
      {list?.node.type === nodes.bulleted_list && (
        <Pick
          name="Sign of the list"
          value={list.node.attrs.className}
          choices={bullets}
          set={(v) => sheet.run(setList({ className: v }))}
        />
      )}
      {list?.node.type === nodes.numbered_list && (
        <>
          <Pick
            name="Kind of numbers"
            value={list.node.attrs.type}
            choices={[
              ['1', '1, 2, 3'],
              ['a', 'a, b, c'],
              ['A', 'A, B, C'],
              ['i', 'i, ii, iii'],
              ['I', 'I, II, III'],
            ]}
            set={(v) => sheet.run(setList({ type: v }))}
          />
          <label className="flex shrink-0 items-center gap-1">
            Starts at
            <input
              type="number"
              aria-label="First number"
              min={-9999}
              max={9999}
              value={list.node.attrs.start}
              onChange={(e) =>
                Number.isInteger(e.target.valueAsNumber) && sheet.apply(setList({ start: e.target.valueAsNumber }))
              }
              className="h-6 w-16 rounded-3 border border-edge bg-sheet px-1"
            />
          </label>
        </>
      )}
      {list && (
        <>
          <ToolButton id="nest">In</ToolButton>
          <ToolButton id="unnest">Out</ToolButton>
        </>
      )}
      <LinesTools />
    </>
  )
}

/** How the lines of a paragraph or heading stand. */
function LinesTools() {
  const sheet = useSheet()
  const { state } = sheet
  const style = currentStyle(state)
  if (!style) return null
  const heading = state.selection.$from.parent.type.name === 'heading' ? around(state, schema.nodes.heading) : null
  return (
    <>
      <Line />
      <Pick
        name="Alignment"
        value={style.align}
        choices={[
          ['', 'As the language'],
          ['left', 'Left'],
          ['centre', 'Centre'],
          ['right', 'Right'],
          ['justified', 'Justified'],
        ]}
        set={(v) => sheet.run(restyle(() => ({ align: v })))}
      />
      <ToolButton id="outdent">⇤</ToolButton>
      <ToolButton id="indent">⇥</ToolButton>
      {!heading && <ToolButton id="drop-cap">Drop cap</ToolButton>}
      {sheet.writing.styles.length > 0 && (
        <Pick
          name="Named style of the block"
          value={style.name}
          choices={[['', 'No named style'], ...sheet.writing.styles.map((s): [string, string] => [s.name, s.label])]}
          set={(v) => sheet.run(restyle(() => ({ name: v })))}
        />
      )}
      {style.align === 'justified' && (
        <Caution>Even edges tear holes into lines on a phone. Left reads better there.</Caution>
      )}
      {heading && (
        <Typed
          name="Jump target"
          hint="named by itself"
          value={heading.node.attrs.anchor}
          set={(v) => sheet.renameTarget(heading.node.attrs.anchor, v, heading.pos)}
        />
      )}
    </>
  )
}

function TableTools() {
  const sheet = useSheet()
  const { state } = sheet
  return (
    <>
      <ToolMenu name="Row" parts={menu('row')}>
        Row
      </ToolMenu>
      <ToolMenu name="Column" parts={menu('column')}>
        Column
      </ToolMenu>
      <ToolButton id="merge">Merge</ToolButton>
      <ToolButton id="split">Split</ToolButton>
      <Line />
      <Pick
        name="Lines in the cells"
        value={cellAlign(state)}
        choices={[
          ['', 'Cells: start'],
          ['align-left', 'Cells: left'],
          ['align-centre', 'Cells: centre'],
          ['align-right', 'Cells: right'],
          ['align-justified', 'Cells: justified'],
        ]}
        set={(v) => sheet.run(alignCells(v))}
      />
      <ToolButton id="table-settings">Table settings</ToolButton>
    </>
  )
}

function cellAlign(state: EditorState): string {
  return (around(state, schema.nodes.table_cell, schema.nodes.table_header)?.node.attrs.align as string) ?? ''
}

const bullets: [string, string][] = [
  ['', 'Dots'],
  ['bullet-circle', 'Circles'],
  ['bullet-square', 'Squares'],
  ['bullet-dash', 'Dashes'],
  ['bullet-tick', 'Ticks'],
  ['bullet-none', 'No signs'],
]

interface PickProps {
  name: string
  value: string
  choices: (readonly [string, string])[]
  set: (value: string) => void
}

function Pick({ name, value, choices, set }: PickProps) {
  const known = choices.some(([v]) => v === value)
  return (
    <select
      aria-label={name}
      title={name}
      value={value}
      onChange={(e) => set(e.target.value)}
      className="h-6 shrink-0 rounded-3 border border-edge bg-sheet px-0.5 text-small"
    >
      {!known && <option value={value}>{value || name}</option>}
      {choices.map(([v, label]) => (
        <option key={v} value={v}>
          {label}
        </option>
      ))}
    </select>
  )
}

/** A field whose value is taken when one leaves it or presses Enter. */
function Typed({
  name,
  value,
  hint,
  set,
}: {
  name: string
  value: string
  hint?: string
  set: (value: string) => void
}) {
  return (
    <label className="flex shrink-0 items-center gap-1">
      {name}
      <input
        key={value}
        defaultValue={value}
        placeholder={hint}
        onKeyDown={(e) => {
          if (e.key === 'Enter') {
            e.preventDefault()
            set(e.currentTarget.value)
          }
          e.stopPropagation()
        }}
        onBlur={(e) => e.target.value !== value && set(e.target.value)}
        className="h-6 w-28 rounded-3 border border-edge bg-sheet px-1.5 placeholder:text-soft"
      />
    </label>
  )
}

function Caution({ children }: { children: ReactNode }) {
  return (
    <p role="status" className="shrink-0 pl-1 text-pencil">
      ◇ {children}
    </p>
  )
}
