import { Popover } from 'radix-ui'
import { type ReactNode, useLayoutEffect, useRef, useState } from 'react'
import { cx } from './cx'

interface Props {
  /** The pieces of the row, the ones that shall go first into the rest last. */
  items: { key: string; node: ReactNode }[]
  /** What the button for the rest is called. */
  more: string
  className?: string
  /** Gives the keyboard back when the rest is closed; without it, the button has it. */
  onClose?: () => void
}

/** Room for the button behind which the rest stands, in pixels. */
const BUTTON = 68

/** A row that never takes a second line: what does not fit stands behind a button at its end. */
export function Overflow({ items, more, className, onClose }: Props) {
  const row = useRef<HTMLDivElement>(null)
  const widths = useRef(new Map<string, number>())
  const [fit, setFit] = useState(items.length)
  const [open, setOpen] = useState(false)

  // After every drawing: a piece may have become wider, or another one.
  useLayoutEffect(() => {
    const box = row.current
    if (!box) return
    const measure = () => {
      for (const piece of box.querySelectorAll<HTMLElement>(':scope > [data-piece]')) {
        widths.current.set(piece.dataset.piece ?? '', piece.offsetWidth)
      }
      const width = (key: string) => (widths.current.get(key) ?? 40) + 4
      const all = items.reduce((n, i) => n + width(i.key), 0)
      let left = box.clientWidth - (all > box.clientWidth ? BUTTON : 0)
      let count = 0
      while (count < items.length && left >= width(items[count].key)) left -= width(items[count++].key)
      setFit(count)
    }
    measure()
    const watch = new ResizeObserver(measure)
    watch.observe(box)
    return () => watch.disconnect()
  })

  const rest = items.slice(fit)
  return (
    <div ref={row} className={cx('flex min-w-0 flex-1 items-center gap-1 overflow-hidden', className)}>
      {items.slice(0, fit).map((i) => (
        <div key={i.key} data-piece={i.key} className="flex shrink-0 items-center gap-1">
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
              onCloseAutoFocus={(e) => {
                if (!onClose) return
                e.preventDefault()
                onClose()
              }}
              className="z-50 flex max-w-80 flex-wrap gap-1 rounded-3 border border-edge bg-sheet p-2 text-plain"
            >
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
