import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react'
import type { ToolGroup } from '../../shared/api/types'
import { moved } from '../../shared/base/lists'
import { AddButton } from '../../shared/ui/AddButton'
import { TextButton } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { Input } from '../../shared/ui/Field'
import { tools } from '../../sheet'
import { placedAt, type Row, rowsOf, type Spot } from './groups'

const names = new Map(tools.map((t) => [t.id, t.name]))

interface Props {
  groups: ToolGroup[]
  set: (groups: ToolGroup[]) => void
}

/** Where a chip would go: the row, and the place in it. */
interface Aim {
  row: string
  at: number
}

/** The tools as chips in rows: dragged with the pointer, or moved with the arrow keys while Shift is held. */
export function Arrange({ groups, set }: Props) {
  const rows = rowsOf(groups)
  const box = useRef<HTMLDivElement>(null)
  const [focused, setFocused] = useState(rows[0]?.tools[0] ?? '')
  const [dragged, setDragged] = useState('')
  const [aim, setAim] = useState<Aim | null>(null)
  const [told, setTold] = useState('')
  const stop = rows.some((r) => r.tools.includes(focused)) ? focused : rows.flatMap((r) => r.tools)[0]

  function focus(tool: string) {
    setFocused(tool)
    // The chip may be drawn in another row first.
    setTimeout(() => box.current?.querySelector<HTMLElement>(`[data-tool="${tool}"]`)?.focus())
  }

  function place(tool: string, spot: Spot, at: number, row: Row | undefined) {
    set(placedAt(groups, tool, spot, at))
    focus(tool)
    if (row) setTold(`${names.get(tool)} is in “${row.name}” now.`)
  }

  function onKey(e: KeyboardEvent, row: Row, at: number) {
    const tool = row.tools[at]
    if (e.key === 'Delete' || e.key === 'Backspace') {
      e.preventDefault()
      place(tool, { group: null, row: 'buttons' }, 0, rows.at(-2))
      return
    }
    const across = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0
    const down = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0
    if (!across && !down) return
    e.preventDefault()
    const here = rows.indexOf(row)
    if (!e.shiftKey) {
      const all = rows.flatMap((r) => r.tools)
      const next = across
        ? all[all.indexOf(tool) + across]
        : (down > 0 ? rows.slice(here + 1) : rows.slice(0, here).reverse()).find((r) => r.tools.length)?.tools[0]
      if (next) focus(next)
      return
    }
    if (across && row.spot.group !== null) {
      const to = at + across
      if (to >= 0 && to < row.tools.length) place(tool, row.spot, across > 0 ? to + 1 : to, undefined)
      return
    }
    const to = rows[here + down]
    if (to) place(tool, to.spot, to.tools.length, to)
  }

  function aimAt(x: number, y: number): Aim | null {
    const over = document.elementFromPoint(x, y)
    const row = over?.closest<HTMLElement>('[data-chips]')
    if (!row || !box.current?.contains(row)) return null
    const chips = [...row.querySelectorAll<HTMLElement>('[data-tool]')]
    const before = chips.findIndex((c) => {
      const b = c.getBoundingClientRect()
      return y < b.top || (y < b.bottom && x < b.left + b.width / 2)
    })
    return { row: row.dataset.chips ?? '', at: before < 0 ? chips.length : before }
  }

  const grip = (tool: string) => ({
    onPointerDown(e: PointerEvent<HTMLElement>) {
      if (e.button !== 0) return
      e.currentTarget.setPointerCapture(e.pointerId)
      setDragged(tool)
    },
    onPointerMove(e: PointerEvent<HTMLElement>) {
      if (dragged) setAim(aimAt(e.clientX, e.clientY))
    },
    onPointerUp() {
      const row = rows.find((r) => r.id === aim?.row)
      if (dragged && aim && row) place(dragged, row.spot, aim.at, row)
      setDragged('')
      setAim(null)
    },
    onPointerCancel() {
      setDragged('')
      setAim(null)
    },
  })

  const group = (i: number, change: Partial<ToolGroup>) =>
    set(groups.map((g, n) => (n === i ? { ...g, ...change } : g)))

  return (
    <div ref={box} className="grid gap-3">
      <p className="text-soft">
        Drag a tool to where it shall stand. By keys: the arrows go from tool to tool, Shift and an arrow moves one,
        Delete takes it away.
      </p>
      {rows.map((row) => (
        <div key={row.id} className={cx('grid gap-1', row.spot.row === 'buttons' && 'border-line border-t pt-2')}>
          {row.spot.group !== null && row.spot.row === 'buttons' && (
            <div className="flex flex-wrap items-end gap-3">
              <div className="w-48">
                <Input
                  label={`Name of group ${row.spot.group + 1}`}
                  value={groups[row.spot.group].label}
                  maxLength={40}
                  onChange={(e) => group(row.spot.group as number, { label: e.target.value })}
                />
              </div>
              {row.spot.group > 0 && (
                <TextButton
                  aria-label={`Move group ${row.spot.group + 1} up`}
                  onClick={() => set(moved(groups, row.spot.group as number, (row.spot.group as number) - 1))}
                >
                  Up
                </TextButton>
              )}
              <TextButton
                aria-label={`Take group ${row.spot.group + 1} away`}
                onClick={() => set(groups.filter((_, n) => n !== row.spot.group))}
              >
                Take away
              </TextButton>
            </div>
          )}
          <p className="flex gap-3 text-small text-soft">
            {row.spot.group === null ? row.name : row.spot.row === 'buttons' ? 'With a button' : 'In its menu'}
            {row.spot.group !== null && row.tools.length > 1 && (
              <TextButton
                aria-label={`Offer none of “${row.name}”`}
                onClick={() => group(row.spot.group as number, { [row.spot.row]: [] })}
              >
                None of these
              </TextButton>
            )}
          </p>
          <div
            role="group"
            aria-label={row.name}
            data-chips={row.id}
            className={cx(
              'flex min-h-9 flex-wrap gap-1 border p-1',
              aim?.row === row.id ? 'border-petrol bg-straw' : 'border-line bg-sheet',
            )}
          >
            {row.tools.map((t, at) => (
              <button
                key={t}
                type="button"
                data-tool={t}
                tabIndex={t === stop ? 0 : -1}
                onFocus={() => setFocused(t)}
                onKeyDown={(e) => onKey(e, row, at)}
                {...grip(t)}
                className={cx(
                  'h-7 cursor-grab touch-none rounded-3 border border-edge bg-paper px-2 hover:bg-desk',
                  dragged === t && 'opacity-50',
                  aim?.row === row.id && aim.at === at && 'border-l-4 border-l-petrol',
                )}
              >
                {names.get(t) ?? t}
              </button>
            ))}
            {!row.tools.length && <span className="px-1 text-soft">Nothing here.</span>}
          </div>
        </div>
      ))}
      <p className="flex items-center gap-3">
        <AddButton
          onClick={() => set([...groups, { label: `Group ${groups.length + 1}`, buttons: [], menu: [] }])}
          disabled={groups.length >= 20}
        >
          Add a group
        </AddButton>
        <span role="status" className="text-soft">
          {told}
        </span>
      </p>
    </div>
  )
}
