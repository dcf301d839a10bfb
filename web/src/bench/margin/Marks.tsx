import { useEffect, useRef, useState } from 'react'
import type { Finding } from '../../shared/api/types'
import { TextButton } from '../../shared/ui/Button'
import { LevelMark } from '../../shared/ui/LevelMark'
import { atPath, useSettledDoc } from '../../sheet'
import { useBench, useSaved } from '../state/context'

const GAP = 10

/** The findings, each level with the block it concerns; those on no block stand at the top. */
export function Marks() {
  const { sheet } = useBench()
  const doc = useSettledDoc(sheet)
  const findings = useSaved((now) => now.state.findings)
  const box = useRef<HTMLDivElement>(null)
  const list = useRef<HTMLUListElement>(null)
  const [tops, setTops] = useState<number[]>([])

  useEffect(() => {
    const place = () => {
      const scroller = sheet.scroller
      if (!scroller || !list.current || !box.current) return
      // The strip above the sheet is higher than the margin's own head; the marks are measured from here.
      const frame = box.current.getBoundingClientRect()
      const heights = [...list.current.children].map((li) => (li as HTMLElement).offsetHeight)
      let free = GAP
      const next = findings.map((f, i) => {
        const found = f.field === 'body' ? atPath(doc, f.path) : null
        const dom = found && sheet.view?.nodeDOM(found.pos)
        const wanted = dom instanceof HTMLElement ? dom.getBoundingClientRect().top - frame.top + scroller.scrollTop : 0
        const top = Math.max(wanted, free)
        free = top + (heights[i] ?? 60) + GAP
        return top
      })
      setTops((was) => (was.length === next.length && was.every((t, i) => Math.abs(t - next[i]) < 1) ? was : next))
    }
    place()
    const watch = new ResizeObserver(place)
    if (sheet.view) watch.observe(sheet.view.dom)
    return () => watch.disconnect()
  }, [findings, doc, sheet])

  useEffect(() => {
    const scroller = sheet.scroller
    const follow = () => {
      if (list.current && scroller) list.current.style.transform = `translateY(${-scroller.scrollTop}px)`
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
      onWheel={(e) => sheet.scroller?.scrollBy({ top: e.deltaY })}
      // When the keyboard reaches a mark that is out of sight, the sheet comes along.
      onFocus={(e) => {
        if (box.current) box.current.scrollTop = 0
        const mark = e.target.closest('li')
        const scroller = sheet.scroller
        if (!mark || !scroller || !box.current) return
        const top = mark.offsetTop - scroller.scrollTop
        if (top < 0 || top + mark.offsetHeight > box.current.clientHeight) scroller.scrollTop = mark.offsetTop - 60
      }}
    >
      {!findings.length && (
        <p className="flex items-center gap-2 px-5 py-4">
          <LevelMark level="PASSED" silent /> Nothing to fix. Marks appear here, level with what they concern.
        </p>
      )}
      <ul ref={list} aria-label="Marks">
        {findings.map((f, i) => (
          <li
            key={`${f.rule}${f.path}${f.from}`}
            style={{ top: tops[i] ?? 0 }}
            className="absolute inset-x-0 flex gap-2 pr-4"
          >
            <span aria-hidden className="mt-2.5 h-px w-4 shrink-0 bg-edge" />
            <Mark finding={f} />
          </li>
        ))}
      </ul>
    </div>
  )
}

function Mark({ finding }: { finding: Finding }) {
  const { goTo, mend } = useBench()
  return (
    <>
      <span className="pt-0.5">
        <LevelMark level={finding.level} />
      </span>
      <div className="min-w-0">
        <button
          type="button"
          onClick={() => goTo(finding)}
          className="rounded-3 text-left font-semibold hover:underline"
        >
          {finding.message}
        </button>
        <p className="text-soft" title={finding.reference}>
          {finding.why}
        </p>
        <p className="flex flex-wrap gap-x-4">
          {finding.fixes.map((fix, i) => (
            <TextButton key={fix.label} onClick={() => mend(finding, i)}>
              {fix.label}
            </TextButton>
          ))}
        </p>
      </div>
    </>
  )
}
