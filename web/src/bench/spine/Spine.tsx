import type { Node } from 'prosemirror-model'
import { useMemo, useSyncExternalStore } from 'react'
import { cx } from '../../ui/cx'
import { LevelMark } from '../../ui/LevelMark'
import { useBench } from '../context'
import { topBlocks } from '../sheet/paths'

/** The item's blocks as a map: headings by level, other blocks as small signs with a few words. */
export function Spine({ narrow }: { narrow: boolean }) {
  const { sheet, snapshot } = useBench()
  const editor = useSyncExternalStore(sheet.subscribe, sheet.snapshot)
  const blocks = useMemo(() => topBlocks(editor.doc), [editor.doc])
  const { outline, findings } = snapshot.state
  const here = editor.selection.from
  const current = blocks.findLastIndex((b) => b.pos <= here)
  return (
    <nav
      aria-label="Outline"
      data-region
      className={cx('flex shrink-0 flex-col overflow-auto border-line border-r py-2', narrow ? 'w-11' : 'w-46')}
    >
      {!narrow && (
        <p className="flex justify-between px-4 py-1 text-soft">
          <span>Outline</span>
          <span>{outline.words.toLocaleString('en')} words</span>
        </p>
      )}
      {!blocks.length && !narrow && (
        <p className="px-4 py-1 text-soft">Headings and blocks appear here as you write.</p>
      )}
      <ol>
        {blocks.map(({ node, pos }, i) => {
          const worst = worstOf(findings.filter((f) => f.field === 'body' && f.path[0] === i).map((f) => f.level))
          const words = outline.sectionWords[i]
          const heading = node.type.name === 'heading'
          const text = label(node)
          return (
            <li key={`${i}-${node.type.name}`}>
              <button
                type="button"
                onClick={() => sheet.goToPosition(pos)}
                aria-current={i === current || undefined}
                aria-label={narrow ? `${kindName(node)}: ${text}` : undefined}
                title={text}
                style={{ paddingLeft: narrow ? 13 : heading ? (node.attrs.level - 2) * 12 + 13 : 25 }}
                className={cx(
                  'flex h-6 w-full items-center gap-2 border-l-3 pr-3 text-left -outline-offset-2',
                  i === current ? 'border-petrol bg-desk' : 'border-transparent hover:bg-desk',
                  heading && node.attrs.level === 2 && 'font-semibold',
                )}
              >
                {(!heading || narrow) && <Sign node={node} />}
                {!narrow && <span className={cx('min-w-0 flex-1 truncate', !heading && 'text-soft')}>{text}</span>}
                {worst && !narrow && <LevelMark level={worst} />}
                {!worst && heading && words > 0 && !narrow && <span className="text-small text-soft">{words}</span>}
              </button>
            </li>
          )
        })}
      </ol>
    </nav>
  )
}

function worstOf(levels: ('MUST_FIX' | 'ADVISED' | 'LOOK')[]) {
  return (['MUST_FIX', 'ADVISED', 'LOOK'] as const).find((l) => levels.includes(l))
}

function label(node: Node): string {
  if (node.type.name === 'picture') return node.textContent || node.attrs.alt || 'Picture'
  if (node.type.name === 'carried') return node.attrs.label
  if (node.type.name === 'divider') return 'Divider'
  return node.textBetween(0, Math.min(node.content.size, 80), ' ', ' ') || 'Empty'
}

const names: Record<string, string> = {
  paragraph: 'Paragraph',
  heading: 'Heading',
  bulleted_list: 'Bulleted list',
  numbered_list: 'Numbered list',
  quote: 'Quote',
  picture: 'Picture',
  divider: 'Divider',
  carried: 'Block',
}

function kindName(node: Node): string {
  return names[node.type.name] ?? 'Block'
}

const signs: Record<string, React.ReactNode> = {
  paragraph: <path d="M1 3h12M1 7h12M1 11h8" />,
  heading: <path d="M3 2v10M11 2v10M3 7h8" />,
  bulleted_list: <path d="M5 3h8M5 7h8M5 11h8M1 3h1M1 7h1M1 11h1" />,
  numbered_list: <path d="M6 3h7M6 7h7M6 11h7M1.5 1.5v4M1 9h2l-2 3h2" />,
  quote: <path d="M2 10c2 0 3-2 3-6H2v3h3M8.500 10c2 0 3-2 3-6h-3v3h3" />,
  picture: <path d="M1 2h12v10H1zM1 10l4-4 3 3 2-2 3 3" />,
  divider: <path d="M1 7h12" />,
  carried: <path d="M2 2h10v10H2zM2 6h10M6 6v6" />,
}

function Sign({ node }: { node: Node }) {
  return (
    <svg
      viewBox="0 0 14 14"
      className="size-3.5 shrink-0"
      fill="none"
      stroke="var(--color-soft)"
      strokeWidth="1.3"
      aria-hidden
    >
      {signs[node.type.name]}
    </svg>
  )
}
