import { Toolbar } from 'radix-ui'
import { memo, type ReactNode } from 'react'
import { cx } from '../../shared/ui/cx'
import { Overflow, type Piece } from '../../shared/ui/Overflow'
import { kinds } from '../blocks/kinds'
import { blockKind } from '../commands/text'
import { useDerived } from '../state/useEditor'
import { menu, tools } from '../tools/registry'
import type { Group, MenuName, StripButton } from '../tools/tool'
import { ContextLine } from './ContextLine'
import { Line, ToolButton } from './ToolButton'
import { ToolMenu } from './ToolMenu'

/** The groups that have buttons of their own, and the menu that holds the rest of each. */
const parts: { group: Group; menu?: { name: MenuName; title: string; label: string; always?: boolean } }[] = [
  { group: 'text', menu: { name: 'more', title: 'More for words', label: 'Words' } },
  { group: 'structure' },
  { group: 'insert', menu: { name: 'insert', title: 'Insert', label: 'Insert', always: true } },
  { group: 'tidy', menu: { name: 'tidy', title: 'Tidy', label: 'Tidy' } },
  { group: 'view', menu: { name: 'view', title: 'View', label: 'View', always: true } },
]

const looks: Record<NonNullable<StripButton['look']>, string> = {
  bold: 'font-bold',
  italic: 'font-serif italic',
  underline: 'underline',
}

/**
 * The tools, grouped by what people do with them, in the order of the registry. What does not apply now cannot be
 * used now. The strip keeps to one row of tools and one that says what the cursor stands in.
 */
export const ToolStrip = memo(function ToolStrip({ few }: { few: boolean }) {
  const items: Piece[] = [{ key: 'kind', rank: -2, node: <KindOfBlock /> }]
  for (const { group, menu: last } of parts) {
    const row: Piece[] = []
    for (const t of tools) {
      if (t.group !== group || !t.strip || (few && !t.strip.always)) continue
      const { label, look } = t.strip
      const sign = <span className={cx(look && looks[look])}>{label}</span>
      // What is undone most is kept in sight longest; what has a key that everybody knows goes first.
      const rank = t.group === 'tidy' ? -1 : look === 'underline' ? 2 : t.strip.always ? 0 : 1
      row.push({ key: t.id, rank, node: <ToolButton id={t.id}>{sign}</ToolButton> })
    }
    if (last && (last.always || !few)) {
      const rest = (
        <ToolMenu name={last.title} parts={menu(last.name)}>
          {last.label}
        </ToolMenu>
      )
      row.push({ key: last.title, node: rest })
    }
    if (row[0]) row[0].node = withLine(row[0].node)
    items.push(...row)
  }
  return (
    <div data-region className="shrink-0 border-line border-b px-3 py-1">
      <Toolbar.Root aria-label="Tools" className="flex h-8 min-w-0 items-center">
        <Overflow items={items} more="More tools" backToText />
      </Toolbar.Root>
      {!few && <ContextLine />}
    </div>
  )
})

function withLine(node: ReactNode): ReactNode {
  return (
    <>
      <Line />
      {node}
    </>
  )
}

function KindOfBlock() {
  const kind = useDerived(blockKind)
  const value = kind === 'paragraph' ? 'Paragraph' : kind.startsWith('heading-') ? `Heading ${kind.slice(-1)}` : ''
  return (
    <ToolMenu name="Kind of block" parts={menu('kind')} one className="w-23 border border-edge bg-sheet text-left">
      <span className="inline-block w-17 truncate align-bottom">{value || others[kind] || 'Block'}</span>
    </ToolMenu>
  )
}

const others: Record<string, string> = {
  caption: 'Caption',
  attribution: 'Who said it',
  code: kinds.code_block.name as string,
}
