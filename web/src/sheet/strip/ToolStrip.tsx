import { Toolbar } from 'radix-ui'
import { memo, type ReactNode } from 'react'
import type { Toolset } from '../../shared/api/types'
import { cx } from '../../shared/ui/cx'
import { Overflow, type Piece } from '../../shared/ui/Overflow'
import { kinds } from '../blocks/kinds'
import { blockKind } from '../commands/text'
import { offerOf } from '../plugins/toolset'
import { useSheet } from '../state/context'
import { useDerived } from '../state/useEditor'
import { menu } from '../tools/registry'
import { ownGroups, type StripGroup, standardGroups } from '../tools/stripGroups'
import type { StripButton, Tool } from '../tools/tool'
import { ContextLine } from './ContextLine'
import { Line, ToolButton } from './ToolButton'
import { ToolMenu } from './ToolMenu'

const looks: Record<NonNullable<StripButton['look']>, string> = {
  bold: 'font-bold',
  italic: 'font-serif italic',
  underline: 'underline',
}

/** A tool's sign in the strip. */
export function ToolSign({ tool }: { tool: Tool }) {
  return <span className={cx(tool.strip?.look && looks[tool.strip.look])}>{tool.strip?.label ?? tool.name}</span>
}

/**
 * The tools, grouped by what people do with them: in the order of the registry, or as the text's toolset has them. What
 * does not apply now cannot be used now. The strip keeps to one row of tools and one that says what the cursor is in.
 */
export const ToolStrip = memo(function ToolStrip({ few }: { few: boolean }) {
  const sheet = useSheet()
  useDerived((state) => JSON.stringify(offerOf(state).toolset?.groups ?? null))
  const { toolset } = offerOf(sheet.state)
  return (
    <div data-region className="shrink-0 border-line border-b px-3 py-1">
      <Toolbar.Root aria-label="Tools" className="flex h-8 min-w-0 items-center">
        <Overflow items={pieces(toolset, few)} more="More tools" backToText />
      </Toolbar.Root>
      {!few && <ContextLine />}
    </div>
  )
})

function pieces(toolset: Toolset | null, few: boolean): Piece[] {
  const items: Piece[] = [{ key: 'kind', rank: -2, node: <KindOfBlock /> }]
  for (const group of toolset ? ownGroups(toolset) : standardGroups) {
    const row = group.buttons.filter((t) => !few || t.strip?.always).map(button)
    if (group.menu && (group.menu.always || !few)) row.push(rest(group.menu))
    if (row[0]) row[0].node = withLine(row[0].node)
    items.push(...row)
  }
  return items
}

function button(t: Tool): Piece {
  // What is undone most is kept in sight longest; what has a key that everybody knows goes first.
  const rank = t.group === 'tidy' ? -1 : t.strip?.look === 'underline' ? 2 : t.strip?.always ? 0 : 1
  const node = (
    <ToolButton id={t.id}>
      <ToolSign tool={t} />
    </ToolButton>
  )
  return { key: t.id, rank, node }
}

function rest({ title, label, parts }: NonNullable<StripGroup['menu']>): Piece {
  const node = (
    <ToolMenu name={title} parts={parts}>
      {label}
    </ToolMenu>
  )
  return { key: `menu ${title}`, node }
}

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
