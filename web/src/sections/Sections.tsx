import { useState } from 'react'
import { api } from '../api/client'
import { useRefresh, useSession, useSite } from '../api/queries'
import type { Section } from '../api/types'
import { useTitle } from '../frame/title'
import { Button } from '../ui/Button'
import { Dialog, DialogButtons } from '../ui/Dialog'
import { Input } from '../ui/Field'
import { Place } from '../ui/Place'
import { useSubmit } from '../ui/useSubmit'

/** The parts of the site. */
export function Sections() {
  useTitle('Sections')
  const site = useSite()
  const session = useSession()
  const [editing, setEditing] = useState<Section | 'new' | null>(null)
  const isEditor = session.data?.person?.role === 'EDITOR'
  const blocked = isEditor ? '' : 'Only an editor can change the site’s sections.'
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
            <Button blocked={blocked} onClick={() => setEditing(s)} aria-label={`Edit ${s.name}`}>
              Edit
            </Button>
          </li>
        ))}
      </ul>
      <Button className="mt-4" blocked={blocked} onClick={() => setEditing('new')}>
        Add a section
      </Button>
      {blocked && <p className="mt-2 text-soft">{blocked}</p>}
      {editing && <SectionDialog section={editing === 'new' ? null : editing} onClose={() => setEditing(null)} />}
    </Place>
  )
}

function SectionDialog({ section, onClose }: { section: Section | null; onClose: () => void }) {
  const refresh = useRefresh()
  const [name, setName] = useState(section?.name ?? '')
  const [description, setDescription] = useState(section?.description ?? '')
  const { problem, submit } = useSubmit(
    () =>
      section
        ? api.put(`/site/sections/${section.slug}`, { name, description })
        : api.post('/site/sections', { name, description }),
    () => {
      refresh()
      onClose()
    },
  )

  return (
    <Dialog
      open
      onClose={onClose}
      title={section ? `Section ${section.name}` : 'A new section'}
      about={
        section ? 'Its address stays as it is, so that links to it keep working.' : 'Its address is made from its name.'
      }
    >
      <form onSubmit={submit} className="grid gap-4">
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
        <DialogButtons>
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit">
            {section ? 'Change the section' : 'Add the section'}
          </Button>
        </DialogButtons>
      </form>
    </Dialog>
  )
}
