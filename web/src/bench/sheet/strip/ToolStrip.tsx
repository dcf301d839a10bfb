import { Toolbar } from 'radix-ui'
import { memo } from 'react'
import { useSheet } from '../../context'
import { blockKind, setKind } from '../commands/text'
import { useDerived } from '../useEditor'
import { ContextLine } from './ContextLine'
import { Line, ToolButton } from './ToolButton'
import { ToolMenu } from './ToolMenu'

const kinds = ['Paragraph', ...[1, 2, 3, 4, 5, 6].map((n) => `Heading ${n}`)]

const more = [
  'strikethrough',
  'superscript',
  'subscript',
  'code',
  'highlight',
  '-',
  'abbreviation',
  'language',
  '-',
  'characters',
  'no-break-space',
  'soft-hyphen',
  '-',
  'clear',
]

const inserts = [
  'import',
  '-',
  'picture',
  'gallery',
  'table',
  'callout',
  'pull-quote',
  'code-block',
  'divider',
  '-',
  'columns',
  'text-columns',
  '-',
  'embed',
  'video',
  'audio',
  'download',
  'button',
  '-',
  'item-list',
  'related-items',
  'contact-form',
  'jump',
  'fold',
  'html',
]

const tidy = [
  'tidy',
  'find',
  'paste-text',
  'clear',
  '-',
  'move-up',
  'move-down',
  'section-up',
  'section-down',
  '-',
  'duplicate',
  'delete',
  '-',
  'prompt',
  'save-outline',
]
const looks = ['invisibles', 'overlay', 'quiet', 'counts', 'helps', 'shortcuts', 'fold-tools']

/** The tools, grouped by what people do with them. What does not apply now cannot be used now. */
export const ToolStrip = memo(function ToolStrip({ few }: { few: boolean }) {
  return (
    <div data-region className="shrink-0 border-line border-b px-3 py-1">
      <Toolbar.Root aria-label="Tools" className="flex min-h-8 flex-wrap items-center">
        <KindOfBlock />
        <Line />
        <ToolButton id="strong">
          <b>B</b>
        </ToolButton>
        <ToolButton id="emphasis">
          <i className="font-serif">I</i>
        </ToolButton>
        {!few && (
          <>
            <ToolButton id="underline">
              <u>U</u>
            </ToolButton>
            <ToolButton id="colour">Colour</ToolButton>
            <ToolMenu name="More for words" ids={more}>
              More
            </ToolMenu>
          </>
        )}
        <ToolButton id="link">Link</ToolButton>
        <Line />
        <ToolButton id="bulleted">• List</ToolButton>
        <ToolButton id="numbered">1. List</ToolButton>
        {!few && <ToolButton id="quote">Quote</ToolButton>}
        <Line />
        <ToolMenu name="Insert" ids={inserts}>
          Insert
        </ToolMenu>
        {!few && (
          <>
            <ToolButton id="picture">Picture</ToolButton>
            <Line />
            <ToolMenu name="Tidy" ids={tidy}>
              Tidy
            </ToolMenu>
          </>
        )}
        <ToolMenu name="View" ids={looks}>
          View
        </ToolMenu>
        <Line />
        <ToolButton id="undo">↶</ToolButton>
        <ToolButton id="redo">↷</ToolButton>
      </Toolbar.Root>
      {!few && <ContextLine />}
    </div>
  )
})

function KindOfBlock() {
  const sheet = useSheet()
  const kind = useDerived(blockKind)
  const value = kind === 'paragraph' ? 'Paragraph' : kind.startsWith('heading-') ? `Heading ${kind.slice(-1)}` : kind
  const free = kinds.includes(value)
  return (
    <select
      aria-label="Kind of block"
      value={value}
      onChange={(e) => {
        sheet.run(setKind(kinds.indexOf(e.target.value)))
      }}
      disabled={!free && kind !== 'code'}
      className="h-7 w-24 shrink-0 rounded-3 border border-edge bg-sheet px-1 disabled:text-soft"
    >
      {!free && <option value={value}>{others[value] ?? 'Block'}</option>}
      {kinds.map((k) => (
        <option key={k}>{k}</option>
      ))}
    </select>
  )
}

const others: Record<string, string> = { caption: 'Caption', attribution: 'Who said it', code: 'Code' }
