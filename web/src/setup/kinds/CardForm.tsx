import type { ItemKind, OwnField } from '../../shared/api/types'
import { moved } from '../../shared/base/lists'
import { AddButton } from '../../shared/ui/AddButton'
import { TextButton } from '../../shared/ui/Button'
import { Input } from '../../shared/ui/Field'
import { FieldForm } from './FieldForm'
import { newField } from './words'

type Card = ItemKind['cards'][number]

interface Props {
  card: Card
  set: (next: Card) => void
  takeOff: () => void
}

/** A card of a kind and its fields. */
export function CardForm({ card, set, takeOff }: Props) {
  const fields = (next: OwnField[]) => set({ ...card, fields: next })
  const called = card.label || 'the new card'

  return (
    <fieldset className="grid gap-3 border border-line bg-sheet p-4">
      <legend className="px-1 font-semibold">Card</legend>
      <div className="flex items-end gap-3">
        <div className="min-w-0 flex-1">
          <Input
            label="What the card is called"
            value={card.label}
            maxLength={100}
            onChange={(e) => set({ ...card, label: e.target.value })}
          />
        </div>
        <TextButton aria-label={`Take the card ${called} off`} onClick={takeOff}>
          Take off
        </TextButton>
      </div>
      <ol aria-label={`Fields of ${called}`} className="grid gap-5">
        {card.fields.map((field, i) => (
          <FieldForm
            key={i}
            field={field}
            set={(next) => fields(card.fields.map((f, n) => (n === i ? next : f)))}
            move={(by) => fields(moved(card.fields, i, i + by))}
            takeOff={() => fields(card.fields.filter((_, n) => n !== i))}
            first={i === 0}
            last={i + 1 === card.fields.length}
          />
        ))}
      </ol>
      <div>
        <AddButton aria-label={`Add a field to ${called}`} onClick={() => fields([...card.fields, newField])}>
          Add a field
        </AddButton>
      </div>
    </fieldset>
  )
}
