import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh, useSession, useSite } from '../shared/api/queries'
import type { Section, Topic } from '../shared/api/types'
import { Button, TextButton } from '../shared/ui/Button'
import { fieldBox, Input } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { Place } from '../shared/ui/Place'
import { useSubmit } from '../shared/ui/useSubmit'
import { useTitle } from '../shared/ui/useTitle'

/** The parts of the site. */
export function Sections() {
  useTitle('Sections')
  const site = useSite()
  const session = useSession()
  const [editing, setEditing] = useState<Section | 'new' | null>(null)
  const isEditor = session.data?.person?.role === 'EDITOR'
  return (
    <Place
      title="Sections"
      about="The parts of the site, in the order readers see them. Each has a page that shows its live items."
    >
      {site.data && !site.data.sections.length && (
        <p className="mb-4">
          There are no sections yet. Items can go live without one; the first section gives them a place.
        </p>
      )}
      <ul className="border-line border-t">
        {site.data?.sections.map((s) => (
          <li key={s.slug} className="flex items-baseline gap-4 border-line border-b py-2.5">
            <div className="min-w-0 flex-1">
              <p className="font-semibold font-serif text-large">{s.name}</p>
              <p className="text-soft">{s.description || 'Nothing said about it yet.'}</p>
              {s.topics.length > 0 && (
                <p className="text-small text-soft">Topics: {s.topics.map((t) => t.name).join(', ')}</p>
              )}
            </div>
            <a
              href={`/${s.slug}`}
              target="_blank"
              rel="noreferrer"
              className="text-petrol underline underline-offset-2"
            >
              /{s.slug}
              <span className="sr-only"> (opens a new tab)</span>
            </a>
            {isEditor && (
              <Button onClick={() => setEditing(s)} aria-label={`Edit ${s.name}`}>
                Edit
              </Button>
            )}
          </li>
        ))}
      </ul>
      {isEditor ? (
        <Button className="mt-4" onClick={() => setEditing('new')}>
          Add a section
        </Button>
      ) : (
        session.data && <p className="mt-4 text-soft">An editor can add sections and change them.</p>
      )}
      {editing && <SectionDialog section={editing === 'new' ? null : editing} onClose={() => setEditing(null)} />}
    </Place>
  )
}

function SectionDialog({ section, onClose }: { section: Section | null; onClose: () => void }) {
  const refresh = useRefresh()
  const [name, setName] = useState(section?.name ?? '')
  const [description, setDescription] = useState(section?.description ?? '')
  const [topics, setTopics] = useState<Topic[]>(section?.topics ?? [])
  const { problem, submit } = useSubmit(
    () => {
      const given = { name, description, topics }
      return section
        ? answer(
            client.PUT('/editor/api/site/sections/{slug}', { params: { path: { slug: section.slug } }, body: given }),
          )
        : answer(client.POST('/editor/api/site/sections', { body: given }))
    },
    () => {
      refresh()
      onClose()
    },
  )

  return (
    <FormDialog
      onClose={onClose}
      title={section ? `Section ${section.name}` : 'A new section'}
      about={
        section ? 'Its address stays as it is, so that links to it keep working.' : 'Its address is made from its name.'
      }
      does={section ? 'Change the section' : 'Add the section'}
      onSubmit={submit}
    >
      <Input
        label="Name"
        value={name}
        onChange={(e) => setName(e.target.value)}
        maxLength={200}
        required
        problem={problem}
      />
      <Input
        label="Description"
        hint="A sentence under the name on its page."
        value={description}
        onChange={(e) => setDescription(e.target.value)}
        maxLength={1000}
      />
      <TopicList topics={topics} set={setTopics} />
    </FormDialog>
  )
}

/** What items of the section can be about: named, renamed, taken off. */
function TopicList({ topics, set }: { topics: Topic[]; set: (topics: Topic[]) => void }) {
  return (
    <fieldset>
      <legend className="font-semibold">Topics</legend>
      <p className="text-small text-soft">
        What items in it can be about. A renamed topic keeps its items; one that is taken off leaves them.
      </p>
      <ul className="mt-2 grid gap-2">
        {topics.map((topic, i) => (
          <li key={i} className="flex items-center gap-3">
            <input
              aria-label={`Topic ${i + 1}`}
              className={`${fieldBox} h-8`}
              value={topic.name}
              maxLength={200}
              // biome-ignore lint/a11y/noAutofocus: the line was just asked for
              autoFocus={!topic.slug && !topic.name}
              onChange={(e) => set(topics.map((t, n) => (n === i ? { ...t, name: e.target.value } : t)))}
            />
            <TextButton
              className="shrink-0"
              aria-label={`Take off ${topic.name || `topic ${i + 1}`}`}
              onClick={() => set(topics.filter((_, n) => n !== i))}
            >
              Take off
            </TextButton>
          </li>
        ))}
      </ul>
      <Button className="mt-2" onClick={() => set([...topics, { slug: '', name: '' }])}>
        Add a topic
      </Button>
    </fieldset>
  )
}
