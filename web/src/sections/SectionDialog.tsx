import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useAsset, useRefresh } from '../shared/api/queries'
import type { Section } from '../shared/api/types'
import { Button } from '../shared/ui/Button'
import { Input } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { PictureChoice } from '../shared/ui/PictureChoice'
import { useSubmit } from '../shared/ui/useSubmit'
import { Listing } from './Listing'
import { TopicList } from './TopicList'

/** What a section is called, where it is found, what its page shows, and who may publish in it. */
export function SectionDialog({ section, onClose }: { section: Section; onClose: () => void }) {
  const refresh = useRefresh()
  const [now, setNow] = useState(section)
  const set = (part: Partial<Section>) => setNow((was) => ({ ...was, ...part }))
  const { problem, submit } = useSubmit(
    () => {
      const { path: _, depth: __, slug, ...body } = now
      return answer(client.PUT('/editor/api/site/sections/{slug}', { params: { path: { slug } }, body }))
    },
    () => {
      refresh()
      onClose()
    },
  )
  const above = section.path.slice(0, section.path.length - section.step.length)
  return (
    <FormDialog onClose={onClose} title={`Section ${section.name}`} does="Change the section" onSubmit={submit} wide>
      <div className="grid gap-4 md:grid-cols-2">
        <div className="grid content-start gap-4">
          <Input
            label="Name"
            value={now.name}
            onChange={(e) => set({ name: e.target.value })}
            maxLength={200}
            required
            problem={problem}
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
        <Listing section={now} set={set} />
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
