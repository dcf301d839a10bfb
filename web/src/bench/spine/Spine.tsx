import type { Node } from 'prosemirror-model'
import {
  type DragEvent,
  type KeyboardEvent,
  memo,
  useCallback,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
} from 'react'
import type { Level } from '../../shared/api/types'
import { cx } from '../../shared/ui/cx'
import { LevelIcon } from '../../shared/ui/LevelIcon'
import { Sign } from '../../shared/ui/Sign'
import { isVoid, moveBlocks, nameOf, sectionLength, specOf, topBlocks, useSettledDoc, wordsOf } from '../../sheet'
import { useBench, useSaved } from '../state/context'
import { useFindings } from '../state/findings'

/** The item's blocks as a map: headings by level, other blocks as small signs with a few words. */
export function Spine({ narrow }: { narrow: boolean }) {
  const { sheet } = useBench()
  const doc = useSettledDoc(sheet)
  const here = useSyncExternalStore(sheet.subscribe, () => currentBlock(sheet.state.doc, sheet.state.selection.from))
  const blocks = useMemo(() => topBlocks(doc), [doc])
  const { open: findings } = useFindings()
  const worst = useMemo(() => worstByBlock(findings), [findings])
  const [target, setTarget] = useState(-1)
  const dragged = useRef(-1)
  const list = useRef<HTMLOListElement>(null)

  const go = useCallback((index: number) => sheet.goToPosition(topBlocks(sheet.state.doc)[index]?.pos ?? 0), [sheet])

  /** Moves a block, or a heading with its section, before the block at an index. */
  const move = useCallback(
    (from: number, to: number) => {
      const { doc: now } = sheet.state
      const all = topBlocks(now)
      const index = (i: number) => (i < all.length ? now.resolve(all[i].pos).index(0) : now.childCount)
      const start = index(from)
      const count = sectionLength(now, start)
      sheet.apply(moveBlocks(0, now, start, count, index(to)))
    },
    [sheet],
  )

  const onKey = useCallback(
    (e: KeyboardEvent, index: number) => {
      const rows = [...(list.current?.querySelectorAll('button') ?? [])]
      const all = topBlocks(sheet.state.doc)
      if (e.altKey && e.shiftKey && (e.key === 'ArrowUp' || e.key === 'ArrowDown')) {
        e.preventDefault()
        const count = sectionLength(sheet.state.doc, sheet.state.doc.resolve(all[index].pos).index(0))
        const up = e.key === 'ArrowUp'
        const to = up ? index - 1 : index + count + 1
        if (to < 0 || to > all.length) return
        move(index, to)
        setTimeout(() => {
          const next = [...(list.current?.querySelectorAll('button') ?? [])][up ? index - 1 : index + 1]
          next?.focus()
        })
      } else if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
        e.preventDefault()
        rows[index + (e.key === 'ArrowDown' ? 1 : -1)]?.focus()
      }
    },
    [sheet, move],
  )

  const drag = useCallback(
    (e: DragEvent, index: number, what: 'start' | 'over' | 'drop' | 'end') => {
      if (what === 'start') {
        dragged.current = index
        e.dataTransfer.effectAllowed = 'move'
        e.dataTransfer.setData('text/plain', '')
      } else if (dragged.current >= 0 && (what === 'over' || what === 'drop')) {
        e.preventDefault()
        const box = e.currentTarget.getBoundingClientRect()
        const to = e.clientY > box.top + box.height / 2 ? index + 1 : index
        if (what === 'over') setTarget(to)
        else move(dragged.current, to)
      }
      if (what === 'drop' || what === 'end') {
        dragged.current = -1
        setTarget(-1)
      }
    },
    [move],
  )

  return (
    <nav
      aria-label="Outline"
      data-region
      className={cx('flex shrink-0 flex-col overflow-auto border-line border-r py-2', narrow ? 'w-11' : 'w-46')}
    >
      {!narrow && (
        <p className="flex justify-between px-4 py-1 text-soft">
          <span>Outline</span>
          <button
            type="button"
            className="hover:underline"
            onClick={() => sheet.hooks.ask('counts')}
            title="Counts and reading time"
          >
            <Words />
          </button>
        </p>
      )}
      {!blocks.length && !narrow && (
        <p className="px-4 py-1 text-soft">Headings and blocks appear here as you write.</p>
      )}
      <ol ref={list}>
        {blocks.map(({ node }, i) => (
          <Row
            key={i}
            index={i}
            node={node}
            current={i === here}
            worst={worst.get(i)}
            narrow={narrow}
            line={target === i ? 'above' : target === i + 1 && i === blocks.length - 1 ? 'below' : ''}
            go={go}
            onKey={onKey}
            drag={drag}
          />
        ))}
      </ol>
    </nav>
  )
}

function Words() {
  const words = useSaved((now) => now.state.measures.words.words)
  return <>{words === 1 ? '1 word' : `${words.toLocaleString('en')} words`}</>
}

/** The stored block at the top that a position lies in. */
function currentBlock(doc: Node, pos: number): number {
  const index = doc.resolve(Math.min(pos, doc.content.size)).index(0)
  let here = -1
  for (let i = 0; i <= index && i < doc.childCount; i++) if (!isVoid(doc.child(i))) here++
  return here
}

function worstByBlock(findings: { field: string; path: number[]; level: Level }[]): Map<number, Level> {
  const out = new Map<number, Level>()
  for (const level of ['LOOK', 'ADVISED', 'MUST_FIX'] as const) {
    for (const f of findings) if (f.field === 'body' && f.path.length && f.level === level) out.set(f.path[0], level)
  }
  return out
}

interface RowProps {
  index: number
  node: Node
  current: boolean
  worst: Level | undefined
  narrow: boolean
  line: string
  go: (index: number) => void
  onKey: (e: KeyboardEvent, index: number) => void
  drag: (e: DragEvent, index: number, what: 'start' | 'over' | 'drop' | 'end') => void
}

/** One block. Most stay as they are while one types, and are not drawn again. */
const Row = memo(function Row({ index, node, current, worst, narrow, line, go, onKey, drag }: RowProps) {
  const heading = node.type.name === 'heading'
  const words = useSaved((now) => now.state.measures.words.sectionWords[index] ?? 0)
  const name = nameOf(node)
  const text = wordsOf(node).slice(0, 200) || name
  return (
    <li>
      <button
        type="button"
        draggable
        onClick={() => go(index)}
        onKeyDown={(e) => onKey(e, index)}
        onDragStart={(e) => drag(e, index, 'start')}
        onDragOver={(e) => drag(e, index, 'over')}
        onDrop={(e) => drag(e, index, 'drop')}
        onDragEnd={(e) => drag(e, index, 'end')}
        aria-current={current || undefined}
        aria-label={narrow ? `${name}: ${text}` : undefined}
        aria-keyshortcuts="Alt+Shift+ArrowUp Alt+Shift+ArrowDown"
        title={narrow ? text : `${text} (drag, or Alt+Shift with an arrow, moves it)`}
        style={{ paddingLeft: narrow ? 13 : heading ? Math.max(0, node.attrs.level - 2) * 12 + 13 : 25 }}
        className={cx(
          'relative flex h-6 w-full items-center gap-2 border-l-3 pr-3 text-left -outline-offset-2',
          current ? 'border-petrol bg-desk' : 'border-transparent hover:bg-desk',
          heading && node.attrs.level <= 2 && 'font-semibold',
          line === 'above' && 'before:absolute before:inset-x-0 before:top-0 before:h-0.5 before:bg-petrol',
          line === 'below' && 'before:absolute before:inset-x-0 before:bottom-0 before:h-0.5 before:bg-petrol',
        )}
      >
        {(!heading || narrow) && <Sign lines={specOf(node)?.sign ?? ''} />}
        {!narrow && <span className={cx('min-w-0 flex-1 truncate', !heading && 'text-soft')}>{text}</span>}
        {worst && !narrow && <LevelIcon level={worst} />}
        {!worst && heading && words > 0 && !narrow && <span className="text-small text-soft">{words}</span>}
      </button>
    </li>
  )
})
