import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh, useSite } from '../shared/api/queries'
import { Button } from '../shared/ui/Button'
import { Facts } from '../shared/ui/Facts'
import { Input, Select } from '../shared/ui/Field'
import { languageName, languages } from '../shared/ui/languages'
import { useDraft } from '../shared/ui/useDraft'
import { useSubmit } from '../shared/ui/useSubmit'
import { AsAtFirst, useDefaults } from './AsAtFirst'

type Named = { name: string; tagline: string; language: string; address: string }

/** What the site is called, and its language. */
export function SiteName({ blocked }: { blocked: string }) {
  const site = useSite()
  const refresh = useRefresh()
  const [given, setGiven] = useDraft<Named>(site.data, { name: '', tagline: '', language: 'en-GB', address: '' })
  const [told, setTold] = useState('')
  const first = useDefaults()?.site
  const set = (field: keyof Named) => (e: { target: { value: string } }) =>
    setGiven({ ...given, [field]: e.target.value })

  const { problem, submit } = useSubmit(
    async () => {
      setTold('')
      const { name, tagline, language, address } = given
      await answer(client.PUT('/editor/api/site', { body: { name, tagline, language, address } }))
      await refresh()
      setGiven(undefined)
    },
    () => setTold('Changed. Readers see it now.'),
  )

  if (blocked) {
    const { name, tagline, language, address } = given
    return (
      <section aria-label="The site" className="grid gap-4">
        <h2 className="font-semibold font-serif text-large">The site</h2>
        <Facts
          rows={[
            ['Name', name],
            ['What it is, in a line', tagline],
            ['Language', languageName(language)],
            ['Address', address || site.data?.guessed || ''],
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
      <Input
        label="Address of the site"
        hint="Where readers find it, for feeds, maps and shared links. Left empty, it is that of this machine."
        placeholder={site.data?.guessed}
        value={given.address}
        onChange={set('address')}
        maxLength={250}
      />
      <Select
        label="Language"
        value={given.language}
        onChange={set('language')}
        hint={
          <AsAtFirst
            of="Language"
            now={given.language}
            first={first?.language}
            told={languageName(first?.language ?? '')}
            set={(language) => setGiven({ ...given, language })}
          />
        }
      >
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
