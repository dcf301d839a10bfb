import { Popover } from 'radix-ui'
import { type ReactNode, useLayoutEffect, useRef, useState } from 'react'
import { cx } from './cx'
import { GivesBack } from './GivesBack'

/** A piece of a row. */
export interface Piece {
  key: string
  node: ReactNode
  /** What has a higher one goes behind the button first; among equals the last. */
  rank?: number
}

interface Props {
  items: Piece[]
  /** What the button for the rest is called. */
  more: string
  className?: string
  /** Whether the text gets the keyboard when the rest is closed and nobody has taken it; else the button does. */
  backToText?: boolean
}

/** Room for the button behind which the rest stands, in pixels. */
const BUTTON = 68

/** The space between two pieces. */
const GAP = 2

/** A row that never takes a second line: what does not fit stands behind a button at its end. */
export function Overflow({ items, more, className, backToText }: Props) {
  const row = useRef<HTMLDivElement>(null)
  const widths = useRef(new Map<string, number>())
  const [hidden, setHidden] = useState<ReadonlySet<string>>(new Set())
  const [open, setOpen] = useState(false)

  // After every drawing: a piece may have become wider, or another one.
  useLayoutEffect(() => {
    const box = row.current
    if (!box) return
    const measure = () => {
      for (const piece of box.querySelectorAll<HTMLElement>(':scope > [data-piece]')) {
        widths.current.set(piece.dataset.piece ?? '', piece.offsetWidth)
      }
      const width = (key: string) => (widths.current.get(key) ?? 40) + GAP
      const all = items.reduce((n, i) => n + width(i.key), 0)
      const next = new Set<string>()
      let over = all - box.clientWidth
      if (over > 0) {
        over += BUTTON
        const goes = items.map((item, index) => ({ item, index }))
        goes.sort((a, b) => (b.item.rank ?? 0) - (a.item.rank ?? 0) || b.index - a.index)
        for (const { item } of goes) {
          if (over <= 0) break
          next.add(item.key)
          over -= width(item.key)
        }
      }
      setHidden((was) => (was.size === next.size && [...next].every((k) => was.has(k)) ? was : next))
    }
    measure()
    const watch = new ResizeObserver(measure)
    watch.observe(box)
    return () => watch.disconnect()
  })

  const rest = items.filter((i) => hidden.has(i.key))
  return (
    <div ref={row} className={cx('flex min-w-0 flex-1 items-center gap-0.5 overflow-hidden', className)}>
      {items
        .filter((i) => !hidden.has(i.key))
        .map((i) => (
          <div key={i.key} data-piece={i.key} className="flex shrink-0 items-center">
            {i.node}
          </div>
        ))}
      {rest.length > 0 && (
        <Popover.Root open={open} onOpenChange={setOpen}>
          <Popover.Trigger
            aria-label={more}
            onMouseDown={(e) => e.preventDefault()}
            className="h-7 shrink-0 whitespace-nowrap rounded-3 px-1.5 hover:bg-desk data-[state=open]:bg-desk"
          >
            More{' '}
            <span aria-hidden className="text-soft">
              ▾
            </span>
          </Popover.Trigger>
          <Popover.Portal>
            <Popover.Content
              align="end"
              sideOffset={4}
              aria-label={more}
              onCloseAutoFocus={(e) => backToText && e.preventDefault()}
              className="z-50 flex max-w-80 flex-wrap gap-1 rounded-3 border border-edge bg-sheet p-2 text-plain"
            >
              <GivesBack to={() => (backToText ? document.querySelector('.ProseMirror') : null)} />
              {rest.map((i) => (
                <div key={i.key} className="flex items-center gap-1">
                  {i.node}
                </div>
              ))}
            </Popover.Content>
          </Popover.Portal>
        </Popover.Root>
      )}
    </div>
  )
}
