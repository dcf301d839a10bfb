import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useAsset, useRefresh, useSite } from '../shared/api/queries'
import type { Section } from '../shared/api/types'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { useOpenNew } from '../shared/store/newItem'
import { Button } from '../shared/ui/Button'
import { Input } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { PictureChoice } from '../shared/ui/PictureChoice'
import { BEGIN, beginTextWith } from './begunText'
import { Listing } from './Listing'
import { TopicList } from './TopicList'

const lists = {
  topics: (t: { slug: string }) => t.slug,
  picked: (key: string) => key,
  publishers: (name: string) => name,
}

const labels = {
  name: 'Name',
  description: 'Description',
  topics: 'Topics',
  step: 'Address',
  picture: 'Picture',
  order: 'Order',
  picked: 'Items that stand first',
  size: 'How many items at once',
  composed: 'Page of its own',
  listed: 'Whether its items are listed',
  publishers: 'Who may publish here',
}

/** What can be changed of a section. */
function fieldsOf({ path: _, depth: __, place: ___, parent: ____, revision: _____, ...fields }: Section) {
  return fields
}

/** What a section is called, where it is found, what its page shows, and who may publish in it. */
export function SectionDialog({ section, onClose }: { section: Section; onClose: () => void }) {
  const refresh = useRefresh()
  const openNew = useOpenNew()
  const live = useSite().data?.sections.find((s) => s.slug === section.slug) ?? section
  const form = useForm(`section:${section.slug}`, {
    stored: fieldsOf(live),
    revision: live.revision,
    send: async ({ slug, ...body }, seen) => {
      const params = { path: { slug }, header: on(seen) }
      const keep = (composed: string) =>
        answer(client.PUT('/editor/api/site/sections/{slug}', { params, body: { ...body, composed } }))
      if (body.composed !== BEGIN) return { key: '', kept: await keep(body.composed) }
      return beginTextWith({ title: body.name, section: slug }, keep)
    },
    read: fieldsOf,
    done: ({ key, kept }) => {
      refresh()
      onClose()
      if (key) openNew(key, `This text is shown at ${kept.path} once it is live.`)
    },
    lists,
    labels,
  })
  const { value: now, set } = form
  const above = section.path.slice(0, section.path.length - section.step.length)
  return (
    <FormDialog form={form} onClose={onClose} title={`Section ${section.name}`} does="Change the section" wide>
      <div className="grid gap-4 md:grid-cols-2">
        <div className="grid content-start gap-4">
          <Input
            label="Name"
            value={now.name}
            onChange={(e) => set({ name: e.target.value })}
            maxLength={200}
            required
          />
          <Input
            label="Address"
            hint={`After ${above}. The one of before leads to it.`}
            value={now.step}
            onChange={(e) => set({ step: e.target.value })}
            spellCheck={false}
          />
          <Input
            label="Description"
            hint="A sentence under the name on its page."
            value={now.description}
            onChange={(e) => set({ description: e.target.value })}
            maxLength={1000}
          />
          <TopicList topics={now.topics} set={(topics) => set({ topics })} />
          <Picture name={now.picture} set={(picture) => set({ picture })} />
          <Publishers names={now.publishers} set={(publishers) => set({ publishers })} />
        </div>
        <Listing section={{ ...live, ...now }} set={set} />
      </div>
    </FormDialog>
  )
}

function Picture({ name, set }: { name: string; set: (name: string) => void }) {
  const [choosing, setChoosing] = useState(false)
  const asset = useAsset(name)
  return (
    <fieldset className="grid gap-2">
      <legend className="font-semibold">Picture</legend>
      <p className="text-small text-soft">Beside its name on its page, and where a link to it is shared.</p>
      {asset && <img src={asset.tile} alt={asset.title} className="aspect-video w-40 object-cover" />}
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => setChoosing(!choosing)} aria-expanded={choosing}>
          {name ? 'Choose another' : 'Choose a picture'}
        </Button>
        {name && (
          <Button look="quiet" onClick={() => set('')}>
            Take the picture off
          </Button>
        )}
      </div>
      {choosing && (
        <PictureChoice
          picked={name}
          onPick={(a) => {
            set(a.name)
            setChoosing(false)
          }}
        />
      )}
    </fieldset>
  )
}

function Publishers({ names, set }: { names: string[]; set: (names: string[]) => void }) {
  const people = useQuery({ queryKey: ['people'], queryFn: () => answer(client.GET('/editor/api/people')) })
  const active = (people.data ?? []).filter((p) => p.active)
  return (
    <fieldset className="grid gap-1">
      <legend className="font-semibold">Who may publish here</legend>
      <p className="text-small text-soft">
        {names.length
          ? 'Only those who are ticked put items of it and of its parts live, update and withdraw them.'
          : 'Nobody is ticked: every editor may. With somebody ticked, only those may, writers among them.'}
      </p>
      {active.map((p) => (
        <label key={p.signIn} className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={names.includes(p.signIn)}
            onChange={(e) => set(e.target.checked ? [...names, p.signIn] : names.filter((n) => n !== p.signIn))}
          />
          {p.name}
        </label>
      ))}
    </fieldset>
  )
}
