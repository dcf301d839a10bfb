import { Collapsible } from 'radix-ui'
import { type ReactNode, useEffect, useRef, useState } from 'react'
import { flushSync } from 'react-dom'
import { useLead } from '../../shared/store/asked'
import { TextButton } from '../../shared/ui/Button'
import { ArrangeCards } from './ArrangeCards'
import { toggled, useArrangement } from './arrangement'
import { type CardShown, useCards } from './useCards'

/** The cards as lines below the marks. */
export function CardSummaries({ open }: { open: (id: string) => void }) {
  return (
    <div className="max-h-[30%] shrink-0 overflow-auto">
      {useCards()
        .filter((c) => c.shown)
        .map((c) => (
          <button
            key={c.id}
            type="button"
            onClick={() => open(c.id)}
            className="flex h-9 w-full items-center justify-between gap-3 border-line border-t px-4 -outline-offset-2 hover:bg-desk"
          >
            <span className="shrink-0 font-semibold">{c.name}</span>
            <span className="truncate text-soft">{c.told}</span>
          </button>
        ))}
    </div>
  )
}

/** The cards one below the other, as this person has arranged them. */
export function Cards({ opened }: { opened: string }) {
  const cards = useCards()
  const lead = useLead()
  const [arranging, setArranging] = useState(false)
  const wanted = (c: CardShown) => opened === c.id || c.leads.includes(lead)
  const arrange = useRef<HTMLButtonElement>(null)
  function done() {
    flushSync(() => setArranging(false))
    arrange.current?.focus()
  }
  if (arranging) return <ArrangeCards cards={cards} done={done} />
  const hidden = cards.filter((c) => !c.shown).length
  return (
    <div>
      {cards
        // One that somebody is led to is shown, hidden or not.
        .filter((c) => c.shown || wanted(c))
        .map((c) => (
          <Card key={c.id} card={c} wanted={wanted(c)}>
            {c.content}
          </Card>
        ))}
      <p className="px-4 py-3 text-soft">
        <TextButton ref={arrange} onClick={() => setArranging(true)}>
          Arrange the cards
        </TextButton>
        {hidden > 0 && ` ${hidden} hidden`}
      </p>
    </div>
  )
}

interface CardProps {
  card: CardShown
  wanted: boolean
  children: ReactNode
}

/** One group of settings; folded or not, it stays so for this person. */
function Card({ card, wanted, children }: CardProps) {
  const { arrangement, change } = useArrangement()
  const [called, setCalled] = useState(false)
  const folded = arrangement.folded.includes(card.id)
  const open = !folded || called
  useEffect(() => {
    if (wanted) setCalled(true)
  }, [wanted])
  return (
    <Collapsible.Root
      open={open}
      onOpenChange={(now) => {
        setCalled(false)
        change({ folded: toggled(arrangement.folded, card.id, !now) })
      }}
      className="border-line border-b"
    >
      <h2>
        <Collapsible.Trigger className="flex h-10 w-full items-center justify-between gap-3 px-4 -outline-offset-2 hover:bg-desk">
          <span className="shrink-0 font-semibold">
            <span aria-hidden className="mr-2 inline-block w-2 text-soft">
              {open ? '▾' : '▸'}
            </span>
            {card.name}
          </span>
          {!open && <span className="truncate text-soft">{card.told}</span>}
        </Collapsible.Trigger>
      </h2>
      <Collapsible.Content className="grid gap-4 px-4 pt-1 pb-5">{children}</Collapsible.Content>
    </Collapsible.Root>
  )
}
