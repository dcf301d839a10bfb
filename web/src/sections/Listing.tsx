import type { Section } from '../shared/api/types'
import { Input, Select } from '../shared/ui/Field'
import { ItemPick, useTitles } from '../shared/ui/ItemPick'
import { OrderedList } from '../shared/ui/OrderedList'
import { BEGIN } from './begunText'
import { Composed } from './Composed'

interface Props {
  section: Section
  set: (part: Partial<Section>) => void
}

/** What the page of a section shows. */
export function Listing({ section, set }: Props) {
  const titleOf = useTitles(section.picked)
  return (
    <fieldset className="grid content-start gap-4">
      <legend className="mb-2 font-semibold font-serif text-large">What its page shows</legend>
      <Select
        label="In which order"
        hint={
          section.order === 'BY_TOPIC'
            ? 'Under each topic its newest items, with a link to all of them.'
            : 'Its items and those of its parts.'
        }
        value={section.order}
        onChange={(e) => set({ order: e.target.value as Section['order'] })}
      >
        <option value="NEWEST">Newest first</option>
        <option value="PICKED_FIRST">Picked first, then the newest</option>
        <option value="BY_TOPIC">By topic</option>
      </Select>
      {section.order === 'PICKED_FIRST' && (
        <fieldset className="grid gap-2">
          <legend className="font-semibold">Picked items</legend>
          <OrderedList
            label="Picked items"
            list={section.picked}
            set={(picked) => set({ picked })}
            idOf={(key) => key}
            nameOf={titleOf}
          >
            {(key) => <span className="block truncate">{titleOf(key)}</span>}
          </OrderedList>
          <ItemPick
            label="Pick an item"
            hint="A few letters of its title. Readers see it once it is live."
            onPick={(key) => !section.picked.includes(key) && set({ picked: [...section.picked, key] })}
          />
        </fieldset>
      )}
      <Input
        label="Items on a page"
        type="number"
        min={1}
        max={100}
        value={section.size}
        onChange={(e) => {
          const size = e.target.valueAsNumber
          if (size >= 1 && size <= 100) set({ size: Math.floor(size) })
        }}
      />
      <Composed composed={section.composed} listed={section.listed} set={set} begin={() => set({ composed: BEGIN })} />
    </fieldset>
  )
}
