import { answer, client } from '../shared/api/client'
import { useRefresh, useSite } from '../shared/api/queries'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { Button } from '../shared/ui/Button'
import { Facts } from '../shared/ui/Facts'
import { Input, Select } from '../shared/ui/Field'
import { FormState } from '../shared/ui/FormState'
import { languageName, languages } from '../shared/ui/languages'
import { AsAtFirst, useDefaults } from './AsAtFirst'

type Named = { name: string; tagline: string; language: string; address: string }

const blank: Named = { name: '', tagline: '', language: 'en-GB', address: '' }
const fieldsOf = ({ name, tagline, language, address }: Named): Named => ({ name, tagline, language, address })

/** What the site is called, and its language. */
export function SiteName({ blocked }: { blocked: string }) {
  const site = useSite()
  const refresh = useRefresh()
  const form = useForm('site', {
    stored: site.data && fieldsOf(site.data),
    blank,
    revision: site.data?.revision,
    send: (body, seen) => answer(client.PUT('/editor/api/site', { params: { header: on(seen) }, body })),
    read: fieldsOf,
    done: refresh,
    told: 'Changed. Readers see it now.',
    labels: { name: 'Name', tagline: 'What it is, in a line', language: 'Language', address: 'Address of the site' },
  })
  const { value: given } = form
  const first = useDefaults()?.site
  const set = (field: keyof Named) => (e: { target: { value: string } }) => form.set({ [field]: e.target.value })

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
    <form onSubmit={form.submit} className="grid gap-4">
      <h2 className="font-semibold font-serif text-large">The site</h2>
      <Input label="Name" value={given.name} onChange={set('name')} maxLength={200} required />
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
            set={(language) => form.set({ language })}
          />
        }
      >
        {[...new Set([given.language, ...languages])].map((t) => (
          <option key={t} value={t}>
            {languageName(t)}
          </option>
        ))}
      </Select>
      <FormState form={form} />
      <div className="flex items-center gap-3">
        <Button type="submit">Change</Button>
        <span role="status">{form.told}</span>
      </div>
    </form>
  )
}
