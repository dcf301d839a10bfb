import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh, useSession, useSite } from '../shared/api/queries'
import type { NewPerson } from '../shared/api/types'
import { Button } from '../shared/ui/Button'
import { Facts } from '../shared/ui/Facts'
import { Input, Select } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { languageName, languages } from '../shared/ui/languages'
import { PersonFields } from '../shared/ui/PersonFields'
import { Place } from '../shared/ui/Place'
import { useDraft } from '../shared/ui/useDraft'
import { useSubmit } from '../shared/ui/useSubmit'
import { useTitle } from '../shared/ui/useTitle'
import { External } from './External'
import { Outlines } from './Outlines'
import { WholeSite } from './WholeSite'

/** The site's name, and the people who work on it. */
export function SetUp() {
  useTitle('Set-up')
  const session = useSession()
  const blocked = session.data?.person?.role === 'EDITOR' ? '' : 'Only an editor can change this.'
  return (
    <Place title="Set-up" about="What the site is called, who works on it, and what it lets in.">
      {blocked && (
        <p className="mb-5 border border-line bg-sheet px-3 py-2">
          This is how the site is set up. An editor can change it; ask one of those below.
        </p>
      )}
      <div className="grid items-start gap-10 md:grid-cols-2">
        <SiteName blocked={blocked} />
        <People blocked={blocked} />
        <Outlines blocked={blocked} />
        <External blocked={blocked} />
        {!blocked && <WholeSite />}
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

function People({ blocked }: { blocked: string }) {
  const people = useQuery({ queryKey: ['people'], queryFn: () => answer(client.GET('/editor/api/people')) })
  const [adding, setAdding] = useState(false)
  return (
    <section className="grid gap-3">
      <h2 className="font-semibold font-serif text-large">People</h2>
      <ul className="border-line border-t">
        {people.data?.map((p) => (
          <li key={p.id} className="flex gap-3 border-line border-b py-2">
            <span className="font-semibold">{p.name}</span>
            <span className="text-soft">{p.signIn}</span>
            <span className="ml-auto">{p.roleLabel}</span>
          </li>
        ))}
      </ul>
      {!blocked && (
        <Button className="justify-self-start" onClick={() => setAdding(true)}>
          Add a person
        </Button>
      )}
      {adding && <PersonDialog onClose={() => setAdding(false)} />}
    </section>
  )
}

function PersonDialog({ onClose }: { onClose: () => void }) {
  const refresh = useRefresh()
  const [given, setGiven] = useState<NewPerson>({ name: '', signIn: '', role: 'WRITER', password: '' })
  const { problem, submit } = useSubmit(
    () => answer(client.POST('/editor/api/people', { body: given })),
    () => {
      refresh()
      onClose()
    },
  )
  return (
    <FormDialog
      onClose={onClose}
      title="Add a person"
      about="Tell them the name and password yourself; nothing is sent."
      does="Add the person"
      onSubmit={submit}
    >
      <Select
        label="Role"
        hint="A writer hands on to an editor; an editor may put live."
        value={given.role}
        onChange={(e) => setGiven({ ...given, role: e.target.value === 'EDITOR' ? 'EDITOR' : 'WRITER' })}
      >
        <option value="WRITER">Writer</option>
        <option value="EDITOR">Editor</option>
      </Select>
      <PersonFields person={given} change={setGiven} nameHint="It stands under what they write." problem={problem} />
    </FormDialog>
  )
}
