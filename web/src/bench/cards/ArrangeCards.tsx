import { useEffect } from 'react'
import { moved, movedBefore } from '../../shared/base/lists'
import { Button } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { Grip } from '../../shared/ui/OrderedList'
import { useDragOrder } from '../../shared/ui/useDragOrder'
import { toggled, useArrangement } from './arrangement'

interface Props {
  cards: { id: string; name: string }[]
  done: () => void
}

/** The cards as lines that can be put into another order and hidden; it is kept for this person at every machine. */
export function ArrangeCards({ cards, done }: Props) {
  const { arrangement, changed, change, reset } = useArrangement()
  const order = cards.map((c) => c.id)
  const { list, grip, dragged, before } = useDragOrder((id, where) => change({ order: movedBefore(order, id, where) }))
  useEffect(() => list.current?.querySelector('button')?.focus(), [list])
  return (
    <section aria-label="Arrange the cards" className="grid gap-3 p-4">
      <p className="text-soft">
        Drag a card by its grip, or move it with the arrow keys while the grip is picked. Yours alone, at every machine.
      </p>
      <ul ref={list} className="grid">
        {cards.map((card, i) => (
          <li
            key={card.id}
            data-row={card.id}
            className={cx(
              'flex h-9 items-center gap-2 border-t-2',
              before === card.id && dragged !== card.id ? 'border-petrol' : 'border-transparent',
              dragged === card.id && 'bg-straw',
            )}
          >
            <Grip
              name={card.name}
              {...grip(card.id)}
              onKeyDown={(e) => {
                const by = e.key === 'ArrowUp' ? -1 : e.key === 'ArrowDown' ? 1 : 0
                if (!by || !order[i + by]) return
                e.preventDefault()
                change({ order: moved(order, i, i + by) })
              }}
            />
            <label className="flex min-w-0 flex-1 items-center gap-2">
              <input
                type="checkbox"
                checked={!arrangement.hidden.includes(card.id)}
                onChange={(e) => change({ hidden: toggled(arrangement.hidden, card.id, !e.target.checked) })}
              />
              <span className="truncate">{card.name}</span>
            </label>
          </li>
        ))}
      </ul>
      <div className="flex gap-2">
        <Button look="main" onClick={done}>
          Done
        </Button>
        <Button look="quiet" onClick={reset} disabled={!changed}>
          Set back
        </Button>
      </div>
    </section>
  )
}
