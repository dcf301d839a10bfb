import { useState } from 'react'
import { useRight, useSite } from '../../shared/api/queries'
import { useAsked } from '../../shared/store/asked'
import { TextButton } from '../../shared/ui/Button'
import { Input, Select } from '../../shared/ui/Field'
import { NewSection } from '../../shared/ui/NewSection'
import { SectionOptions } from '../../shared/ui/SectionOptions'
import { WhereItAppears } from '../../shared/ui/WhereItAppears'
import { useBench, useSaved } from '../state/context'
import { InMenus } from './InMenus'
import { Keywords } from './Keywords'

/** Where the item is on the site, and at which address. */
export function PlacementCard() {
  const { saver } = useBench()
  const site = useSite()
  const fields = useSaved((now) => now.fields)
  const state = useSaved((now) => now.state)
  const [typed, setTyped] = useState<string | null>(null)
  const section = site.data?.sections.find((s) => s.slug === fields.section)
  const prefix = `${section?.path ?? ''}/`
  const maySetUp = useRight('SET_UP')
  const [adding, setAdding] = useState(false)
  // While somebody types, what they typed is shown, even where it cannot be had.
  const shown = typed ?? (fields.slug && state.placement.slugProblem ? fields.slug : state.placement.slug)

  const topics = section?.topics ?? []

  const topicsAsked = useAsked<HTMLFieldSetElement>('topics')
  return (
    <>
      <div ref={useAsked<HTMLDivElement>('section')}>
        <Select
          label="Section"
          value={fields.section}
          onChange={(e) => saver.change({ section: e.target.value, topics: [] })}
        >
          <option value="">No section</option>
          <SectionOptions sections={site.data?.sections ?? []} />
        </Select>
      </div>
      {maySetUp && (
        <TextButton className="justify-self-start" onClick={() => setAdding(true)}>
          A new section …
        </TextButton>
      )}
      {adding && (
        <NewSection
          onAdded={(section) => saver.change({ section: section.slug, topics: [] })}
          onClose={() => setAdding(false)}
        />
      )}
      {topics.length > 0 && (
        <fieldset ref={topicsAsked}>
          <legend className="font-semibold">Topics</legend>
          <div className="mt-1 grid grid-cols-2 gap-x-4">
            {topics.map((t) => (
              <label key={t.slug} className="flex min-h-6 items-baseline gap-2">
                <input
                  type="checkbox"
                  checked={fields.topics.includes(t.slug)}
                  onChange={(e) =>
                    saver.change({
                      topics: e.target.checked
                        ? [...fields.topics, t.slug]
                        : fields.topics.filter((other) => other !== t.slug),
                    })
                  }
                />
                {t.name}
              </label>
            ))}
          </div>
        </fieldset>
      )}
      <div ref={useAsked<HTMLDivElement>('keywords')}>
        <Keywords />
      </div>
      <div className="grid gap-1">
        <Input
          ref={useAsked<HTMLInputElement>('slug')}
          label="Address"
          hint={`After ${prefix}. ${fields.slug === undefined ? 'Made from the search title, or the title; type to set it yourself.' : 'Set by hand or by going live.'}`}
          value={shown}
          placeholder="made from the title"
          spellCheck={false}
          onChange={(e) => {
            setTyped(e.target.value)
            saver.change({ slug: e.target.value })
          }}
          onBlur={() => setTyped(null)}
          problem={fields.slug !== undefined ? state.placement.slugProblem : ''}
        />
        {fields.slug !== undefined && state.placement.slugProblem && state.placement.slugSuggestion && (
          <TextButton
            className="justify-self-start"
            onClick={() => {
              setTyped(null)
              saver.change({ slug: state.placement.slugSuggestion })
            }}
          >
            Use “{state.placement.slugSuggestion}”
          </TextButton>
        )}
        {fields.slug !== undefined && state.stage !== 'LIVE' && (
          <TextButton
            className="justify-self-start"
            onClick={() => {
              setTyped(null)
              saver.change({ slug: undefined })
            }}
          >
            Make it from the title
          </TextButton>
        )}
      </div>
      {maySetUp && <InMenus itemKey={saver.key} live={state.stage === 'LIVE'} />}
      <WhereItAppears state={state} />
    </>
  )
}
