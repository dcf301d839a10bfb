import { useEffect, useMemo, useRef, useState } from 'react'
import type { Finding } from '../../shared/api/types'
import { TextButton } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { LevelIcon } from '../../shared/ui/LevelIcon'
import { atPath, BlockSettings, useOpenSettings, useSettledDoc } from '../../sheet'
import { useBench } from '../state/context'
import { inOrder, inReadingOrder, type Order, useFindings } from '../state/findings'
import { type Shown, showMarks, useWalk } from '../state/walk'
import { arranged, GAP } from './arranged'
import { Left } from './Left'
import { Mark } from './Mark'

interface Places {
  tops: number[]
  card: number
}

/** The findings as somebody wants them shown, the settings of the picked block, and what was left as it is. */
export function Marks({ withSettings }: { withSettings: boolean }) {
  const { open, left } = useFindings()
  const shown = useWalk((now) => now.shown)
  const order = useWalk((now) => now.order)
  return (
    <>
      {open.length + left.length > 0 && <How shown={shown} order={order} count={open.length} />}
      {shown === 'list' ? (
        <ol aria-label="Marks" className="min-h-0 flex-1 overflow-auto">
          {inOrder(order, open).map((f) => (
            <li key={f.id} className="flex gap-2 border-line border-b px-5 py-2.5">
              <Mark finding={f} />
            </li>
          ))}
        </ol>
      ) : (
        <Beside findings={shown === 'folded' ? [] : open} folded={shown === 'folded'} withSettings={withSettings} />
      )}
      <Left findings={left} />
    </>
  )
}

const ways: { shown: Shown; label: string }[] = [
  { shown: 'beside', label: 'Beside' },
  { shown: 'list', label: 'List' },
  { shown: 'folded', label: 'Folded' },
]

function How({ shown, order, count }: { shown: Shown; order: Order; count: number }) {
  return (
    <div className="flex min-h-9 shrink-0 flex-wrap items-center gap-x-4 border-line border-b px-5">
      {ways.map((way) => (
        <Way key={way.shown} on={way.shown === shown} press={() => showMarks({ shown: way.shown })}>
          {way.label}
        </Way>
      ))}
      {shown === 'list' && count > 1 && (
        <Way on={order === 'weight'} press={() => showMarks({ order: order === 'weight' ? 'place' : 'weight' })}>
          Heaviest first
        </Way>
      )}
    </div>
  )
}

function Way({ on, press, children }: { on: boolean; press: () => void; children: string }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={press}
      className={cx('rounded-3 py-1', on ? 'font-semibold underline underline-offset-4' : 'text-soft hover:text-ink')}
    >
      {children}
    </button>
  )
}

interface BesideProps {
  findings: Finding[]
  folded: boolean
  withSettings: boolean
}

/** The findings, each level with the block it concerns, and the settings of the picked block level with it. */
function Beside({ findings, folded, withSettings }: BesideProps) {
  const { sheet } = useBench()
  const { open } = useFindings()
  const placed = useMemo(() => inReadingOrder(findings), [findings])
  const doc = useSettledDoc(sheet)
  const settings = useOpenSettings()
  const picked = withSettings && settings ? settings.pos : null
  const box = useRef<HTMLDivElement>(null)
  const moving = useRef<HTMLDivElement>(null)
  const list = useRef<HTMLUListElement>(null)
  const card = useRef<HTMLDivElement>(null)
  const [places, setPlaces] = useState<Places>({ tops: [], card: 0 })

  useEffect(() => {
    const place = () => {
      const scroller = sheet.scroller
      const frame = box.current
      if (!scroller || !list.current || !frame) return
      // The strip above the sheet is higher than the margin's own head; the marks are measured from here.
      const zero = frame.getBoundingClientRect().top - scroller.scrollTop
      const levelOf = (pos: number | undefined) => {
        const dom = pos === undefined ? null : sheet.view?.nodeDOM(pos)
        return dom instanceof HTMLElement ? dom.getBoundingClientRect().top - zero : 0
      }
      const heights = [...list.current.children].map((li) => (li as HTMLElement).offsetHeight || 60)
      const wanted = placed.map((f) =>
        levelOf(f.field === 'body' && f.path.length ? atPath(doc, f.path)?.pos : undefined),
      )
      const height = card.current?.offsetHeight ?? 0
      // Level with its block, but whole in sight.
      const last = scroller.scrollTop + frame.clientHeight - height - GAP
      const top = picked === null ? 0 : Math.max(scroller.scrollTop + GAP, Math.min(levelOf(picked), last))
      const end = scroller.scrollHeight - scroller.clientHeight + frame.clientHeight
      const next = { tops: arranged(wanted, heights, picked === null ? null : { top, height }, end), card: top }
      setPlaces((was) => (JSON.stringify(was) === JSON.stringify(next) ? was : next))
    }
    place()
    const watch = new ResizeObserver(place)
    if (sheet.view) watch.observe(sheet.view.dom)
    if (card.current) watch.observe(card.current)
    // A mark that is opened takes more room.
    for (const li of list.current?.children ?? []) watch.observe(li)
    return () => watch.disconnect()
  }, [placed, doc, sheet, picked])

  useEffect(() => {
    const scroller = sheet.scroller
    const follow = () => {
      if (moving.current && scroller) moving.current.style.transform = `translateY(${-scroller.scrollTop}px)`
    }
    follow()
    scroller?.addEventListener('scroll', follow, { passive: true })
    return () => scroller?.removeEventListener('scroll', follow)
  }, [sheet])

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: it only scrolls along with the sheet
    <div
      ref={box}
      className="relative min-h-0 flex-1 overflow-hidden"
      onWheel={(e) => {
        if (!card.current?.contains(e.target as Node)) sheet.scroller?.scrollBy({ top: e.deltaY })
      }}
      // When the keyboard reaches a mark that is out of sight, the sheet comes along.
      onFocus={(e) => {
        if (box.current) box.current.scrollTop = 0
        const mark = e.target.closest('li')
        const scroller = sheet.scroller
        if (!mark || card.current?.contains(mark) || !scroller || !box.current) return
        // A mark that is pressed must not move away from under the hand.
        if (!e.target.matches(':focus-visible')) return
        const top = mark.offsetTop - scroller.scrollTop
        if (top < 0 || top + mark.offsetHeight > box.current.clientHeight) scroller.scrollTop = mark.offsetTop - 60
      }}
    >
      {folded && picked === null && open.length > 0 && (
        <p className="px-5 py-4 text-soft">
          {open.length === 1 ? 'One mark is' : `${open.length} marks are`} folded away.{' '}
          <TextButton onClick={() => showMarks({ shown: 'beside' })}>
            Show {open.length === 1 ? 'it' : 'them'}
          </TextButton>
        </p>
      )}
      {!open.length && picked === null && (
        <p className="flex items-center gap-2 px-5 py-4">
          <LevelIcon level="PASSED" silent /> Nothing to fix. Marks appear here, level with what they concern.
        </p>
      )}
      <div ref={moving}>
        {picked !== null && (
          <div
            ref={card}
            style={{ top: places.card, maxHeight: (box.current?.clientHeight ?? 600) - 2 * GAP }}
            className="absolute inset-x-3 z-10 overflow-auto"
          >
            <BlockSettings />
          </div>
        )}
        <ul ref={list} aria-label="Marks">
          {placed.map((f, i) => (
            <li key={f.id} style={{ top: places.tops[i] ?? 0 }} className="absolute inset-x-0 flex gap-2 pr-4">
              <span aria-hidden className="mt-2.5 h-px w-4 shrink-0 bg-edge" />
              <Mark finding={f} />
            </li>
          ))}
        </ul>
      </div>
    </div>
  )
}
