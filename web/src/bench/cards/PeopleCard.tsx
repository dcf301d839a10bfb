import { useStandardFields } from '../../shared/api/kinds'
import { useTyped } from '../../shared/form/useTyped'
import { useOffers } from '../../shared/ui/useOffers'
import { Chips } from '../own/Chips'
import { useFieldProblem, useFieldValue } from '../own/OneField'
import { texts } from '../own/props'
import { useBench, useSaved } from '../state/context'
import { Standard } from './Standard'

/** Whose the item is, for readers. */
export function PeopleCard() {
  const name = 'people.authors'
  const { saver } = useBench()
  const author = useSaved((now) => now.state.labels.author)
  const problem = useFieldProblem(name)
  const field = useStandardFields()[name]
  const [value, set] = useFieldValue(name)
  const { typed, setTyped, offers } = useOffers('AUTHORS', useTyped(`${saver.key}:authors`))
  const authors = texts(value)
  return (
    <>
      <Chips
        label={field?.label ?? 'Authors'}
        hint={authors.length ? 'In this order.' : `Now it is ${author}, who began it.`}
        problem={problem}
        list={authors}
        set={(next) => set(next.length ? next : undefined)}
        typed={typed}
        setTyped={setTyped}
        offers={offers}
      />
      <Standard name="people.byline" />
    </>
  )
}
