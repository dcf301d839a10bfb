import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh, useRight, useSession, useSite } from '../shared/api/queries'
import { Button } from '../shared/ui/Button'
import { Facts } from '../shared/ui/Facts'
import { Input, Select } from '../shared/ui/Field'
import { languageName, languages } from '../shared/ui/languages'
import { Place } from '../shared/ui/Place'
import { useDraft } from '../shared/ui/useDraft'
import { useSubmit } from '../shared/ui/useSubmit'
import { useTitle } from '../shared/ui/useTitle'
import { External } from './External'
import { KindList } from './kinds/KindList'
import { Outlines } from './Outlines'
import { People } from './People'
import { Trail } from './Trail'
import { WholeSite } from './WholeSite'

/** The site's name, and the people who work on it. */
export function SetUp() {
  useTitle('Set-up')
  const session = useSession()
  const blocked = session.data?.rights.includes('SET_UP') ? '' : 'Only an editor can change this.'
  const looksAfterPeople = useRight('PEOPLE')
  return (
    <Place title="Set-up" about="What the site is called, who works on it, what its items carry, and what it lets in.">
      {blocked && (
        <p className="mb-5 border border-line bg-sheet px-3 py-2">
          This is how the site is set up. An editor can change it; ask one of those below.
        </p>
      )}
      <div className="grid items-start gap-10 md:grid-cols-2">
        <SiteName blocked={blocked} />
        <People mayChange={looksAfterPeople} />
        <KindList blocked={blocked} />
        <Outlines of="outlines" blocked={blocked} />
        <Outlines of="snippets" blocked={blocked} />
        <External blocked={blocked} />
        {!blocked && <WholeSite />}
        {looksAfterPeople && <Trail />}
      </div>
    </Place>
  )
}

type Named = { name: string; tagline: string; language: string }

function SiteName({ blocked }: { blocked: string }) {
  const site = useSite()
  const refresh = useRefresh()
  const [given, setGiven] = useDraft<Named>(site.data, { name: '', tagline: '', language: 'en-GB' })
  const [told, setTold] = useState('')
  const set = (field: keyof Named) => (e: { target: { value: string } }) =>
    setGiven({ ...given, [field]: e.target.value })

  const { problem, submit } = useSubmit(
    async () => {
      setTold('')
      const { name, tagline, language } = given
      await answer(client.PUT('/editor/api/site', { body: { name, tagline, language } }))
      await refresh()
      setGiven(undefined)
    },
    () => setTold('Changed. Readers see it now.'),
  )

  if (blocked) {
    const { name, tagline, language } = given
    return (
      <section aria-label="The site" className="grid gap-4">
        <h2 className="font-semibold font-serif text-large">The site</h2>
        <Facts
          rows={[
            ['Name', name],
            ['What it is, in a line', tagline],
            ['Language', languageName(language)],
          ]}
        />
      </section>
    )
  }
  return (
    <form onSubmit={submit} className="grid gap-4">
      <h2 className="font-semibold font-serif text-large">The site</h2>
      <Input label="Name" value={given.name} onChange={set('name')} maxLength={200} required problem={problem} />
      <Input
        label="What it is, in a line"
        hint="Stands at the foot of every page."
        value={given.tagline}
        onChange={set('tagline')}
        maxLength={500}
      />
      <Select label="Language" value={given.language} onChange={set('language')}>
        {[...new Set([given.language, ...languages])].map((t) => (
          <option key={t} value={t}>
            {languageName(t)}
          </option>
        ))}
      </Select>
      <div className="flex items-center gap-3">
        <Button type="submit">Change</Button>
        <span role="status">{told}</span>
      </div>
    </form>
  )
}
