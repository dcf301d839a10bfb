import type { KeyboardEvent, ReactNode } from 'react'
import { moved, movedBefore } from '../base/lists'
import { TextButton } from './Button'
import { cx } from './cx'
import { useDragOrder } from './useDragOrder'

interface Props<T> {
  label: string
  list: T[]
  set: (list: T[]) => void
  idOf: (one: T) => string
  nameOf: (one: T) => string
  children: (one: T, at: number) => ReactNode
}

/** Things in an order of one's own: dragged by their grips, moved by the arrow keys, taken off. */
export function OrderedList<T>({ label, list, set, idOf, nameOf, children }: Props<T>) {
  const ids = list.map(idOf)
  const byId = (id: string) => list[ids.indexOf(id)] as T
  const drag = useDragOrder((id, before) => set(movedBefore(ids, id, before).map(byId)))
  function onKey(e: KeyboardEvent, at: number) {
    const by = e.key === 'ArrowUp' ? -1 : e.key === 'ArrowDown' ? 1 : 0
    if (!by || !list[at + by]) return
    e.preventDefault()
    set(moved(list, at, at + by))
  }
  return (
    <ul ref={drag.list} aria-label={label} className="grid">
      {list.map((one, at) => (
        <li
          key={idOf(one)}
          data-row={idOf(one)}
          className={cx(
            'flex min-h-9 items-center gap-2 border-t-2',
            drag.before === idOf(one) && drag.dragged !== idOf(one) ? 'border-petrol' : 'border-transparent',
            drag.dragged === idOf(one) && 'bg-straw',
          )}
        >
          <Grip name={nameOf(one)} {...drag.grip(idOf(one))} onKeyDown={(e) => onKey(e, at)} />
          <div className="min-w-0 flex-1">{children(one, at)}</div>
          <TextButton
            className="shrink-0"
            aria-label={`Take off ${nameOf(one)}`}
            onClick={() => set(list.filter((_, n) => n !== at))}
          >
            Take off
          </TextButton>
        </li>
      ))}
    </ul>
  )
}

interface GripProps extends React.ComponentProps<'button'> {
  name: string
  keys?: string
}

/** What something is dragged by; with it picked, the arrow keys move the thing. */
export function Grip({ name, keys = 'the arrow keys', ...rest }: GripProps) {
  return (
    <button
      type="button"
      aria-label={`Move ${name}`}
      title={`Drag it, or press ${keys}`}
      {...rest}
      className="grid size-7 shrink-0 cursor-grab touch-none place-items-center rounded-3 text-soft hover:bg-desk hover:text-ink"
    >
      <span aria-hidden>⠿</span>
    </button>
  )
}
