import type { ItemKind } from '../../shared/api/types'
import { OneField } from './OneField'

/** The fields of a card of the item's kind. */
export function OwnCard({ card }: { card: ItemKind['cards'][number] }) {
  return card.fields.map((field) => <OneField key={field.name} field={field} />)
}
