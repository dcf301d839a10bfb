import { useTyped } from '../../shared/form/useTyped'
import { useOffers } from '../../shared/ui/useOffers'
import { Chips } from '../own/Chips'
import { useBench, useSaved } from '../state/context'

/** Free words. Those that other items have are offered, so that one thing has one name. */
export function Keywords() {
  const { saver } = useBench()
  const keywords = useSaved((now) => now.fields.keywords)
  const { typed, setTyped, offers } = useOffers('KEYWORDS', useTyped(`${saver.key}:keywords`))
  return (
    <Chips
      label="Keywords"
      hint="Separate them with commas or semicolons."
      list={keywords}
      set={(next) => saver.change({ keywords: next })}
      typed={typed}
      setTyped={setTyped}
      offers={offers}
    />
  )
}
