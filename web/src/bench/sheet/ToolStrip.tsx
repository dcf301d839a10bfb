import { redo, undo } from 'prosemirror-history'
import type { Command } from 'prosemirror-state'
import { Toolbar } from 'radix-ui'
import type { ReactNode } from 'react'
import { cx } from '../../ui/cx'
import { Tip } from '../../ui/Tip'
import { useBench } from '../context'
import * as c from './commands'
import { shortcuts, told } from './keys'
import { schema } from './schema'
import { useEditor } from './useEditor'

const kinds = [
  { value: 'paragraph', name: 'Paragraph' },
  { value: 'heading-2', name: 'Heading 2' },
  { value: 'heading-3', name: 'Heading 3' },
  { value: 'heading-4', name: 'Heading 4' },
]

/** The tools, grouped by what people do with them. What does not apply now cannot be used now. */
export function ToolStrip() {
  const { sheet } = useBench()
  const state = useEditor()
  const kind = c.blockKind(state)
  const { nodes, marks } = schema
  const inText = state.selection.$from.parent.isTextblock && kind !== 'box'
  const list = c.around(state, nodes.bulleted_list, nodes.numbered_list)
  const tool = (command: Command) => ({ can: command(state), run: () => sheet.run(command) })

  return (
    <Toolbar.Root
      aria-label="Tools"
      data-region
      className="flex min-h-11 shrink-0 flex-wrap items-center gap-1 border-line border-b px-3 py-1"
    >
      <select
        aria-label="Kind of block"
        value={kind}
        onChange={(e) => sheet.run(c.setKind(e.target.value === 'paragraph' ? 0 : Number(e.target.value.slice(-1))))}
        disabled={!inText || kind === 'picture' || kind === 'attribution'}
        className="h-7 w-28 rounded-3 border border-edge bg-sheet px-1.5 disabled:text-soft"
      >
        {!kinds.some((k) => k.value === kind) && <option value={kind}>{kindName(kind)}</option>}
        {kinds.map((k) => (
          <option key={k.value} value={k.value}>
            {k.name}
          </option>
        ))}
      </select>
      <Line />
      <Tool name="Bold" keys={shortcuts.strong} on={c.hasMark(state, marks.strong)} {...tool(c.toggleStrong)}>
        <b>B</b>
      </Tool>
      <Tool name="Italic" keys={shortcuts.emphasis} on={c.hasMark(state, marks.emphasis)} {...tool(c.toggleEmphasis)}>
        <i className="font-serif">I</i>
      </Tool>
      <Tool
        name="Link"
        keys={shortcuts.link}
        on={c.hasMark(state, marks.link)}
        can={inText}
        run={() => sheet.asks.link()}
      >
        Link
      </Tool>
      <Line />
      <Tool
        name="Bulleted list"
        keys={shortcuts.bulleted}
        on={list?.node.type === nodes.bulleted_list}
        {...tool(c.toggleList(nodes.bulleted_list))}
      >
        • List
      </Tool>
      <Tool
        name="Numbered list"
        keys={shortcuts.numbered}
        on={list?.node.type === nodes.numbered_list}
        {...tool(c.toggleList(nodes.numbered_list))}
      >
        1. List
      </Tool>
      {list && (
        <>
          <Tool name="Nest the list item" keys="Tab" {...tool(c.nest)}>
            In
          </Tool>
          <Tool name="Take the list item out" keys="Shift-Tab" {...tool(c.unnest)}>
            Out
          </Tool>
        </>
      )}
      <Tool name="Quote" keys={shortcuts.quote} on={!!c.around(state, nodes.quote)} {...tool(c.toggleQuote)}>
        Quote
      </Tool>
      <Line />
      <Tool name="Picture" keys={shortcuts.picture} can run={() => sheet.asks.picture()}>
        Picture
      </Tool>
      <Line />
      <Tool name="Undo" keys={shortcuts.undo} {...tool(undo)}>
        Undo
      </Tool>
      <Tool name="Redo" keys={shortcuts.redo} {...tool(redo)}>
        Redo
      </Tool>
    </Toolbar.Root>
  )
}

function kindName(kind: string): string {
  if (kind === 'picture') return 'Picture'
  if (kind === 'attribution') return 'Who said it'
  if (kind.startsWith('heading-')) return `Heading ${kind.slice(-1)}`
  return 'Block'
}

function Line() {
  return <Toolbar.Separator className="mx-1 h-6 w-px bg-line" />
}

interface ToolProps {
  name: string
  keys: string
  on?: boolean
  can: boolean
  run: () => void
  children: ReactNode
}

function Tool({ name, keys, on, can, run, children }: ToolProps) {
  return (
    <Tip name={name} shortcut={told(keys)}>
      <Toolbar.Button
        aria-label={name}
        aria-keyshortcuts={told(keys).replace('Ctrl', 'Control')}
        aria-pressed={on}
        aria-disabled={!can || undefined}
        // A press must not take the selection away from the text.
        onMouseDown={(e) => e.preventDefault()}
        onClick={() => can && run()}
        className={cx(
          'h-7 min-w-7 rounded-3 px-2',
          on ? 'bg-ink text-white' : can ? 'hover:bg-desk' : 'cursor-default text-soft opacity-60',
        )}
      >
        {children}
      </Toolbar.Button>
    </Tip>
  )
}
