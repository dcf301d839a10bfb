import { useState } from 'react'
import { useLocation } from 'react-router'
import { useRefresh, useSession, useSite } from '../shared/api/queries'
import type { Section } from '../shared/api/types'
import { Button } from '../shared/ui/Button'
import { NewSection } from '../shared/ui/NewSection'
import { Place } from '../shared/ui/Place'
import { useTitle } from '../shared/ui/useTitle'
import { FrontPage } from './FrontPage'
import { GiveUp } from './GiveUp'
import { Menus } from './Menus'
import { SectionDialog } from './SectionDialog'
import { Tree } from './Tree'

/** The parts of the site, its menus and its front page. */
export function Sections() {
  useTitle('Sections')
  const site = useSite()
  const session = useSession()
  const refresh = useRefresh()
  const asked = useLocation().state as { newSection?: boolean } | null
  const [adding, setAdding] = useState(!!asked?.newSection)
  const [editing, setEditing] = useState<Section | null>(null)
  const [leaving, setLeaving] = useState<Section | null>(null)
  const isEditor = session.data?.person?.role === 'EDITOR'
  const sections = site.data?.sections ?? []
  return (
    <Place
      title="Sections"
      about="The parts of the site, in the order readers see them. Each has a page that shows its live items, and those of its parts."
    >
      {site.data && !sections.length && (
        <p className="mb-4">
          There are no sections yet. Items can go live without one; the first section gives them a place.
        </p>
      )}
      <Tree sections={sections} mayChange={isEditor} edit={setEditing} leave={setLeaving} />
      {isEditor ? (
        <Button className="mt-4" onClick={() => setAdding(true)}>
          Add a section
        </Button>
      ) : (
        session.data && <p className="mt-4 text-soft">An editor can add sections and change them.</p>
      )}
      {site.data && isEditor && (
        <>
          <FrontPage key={JSON.stringify(site.data.front)} site={site.data} />
          <Menus key={JSON.stringify(site.data.menus)} site={site.data} />
        </>
      )}
      {adding && <NewSection onAdded={() => {}} onClose={() => setAdding(false)} />}
      {editing && <SectionDialog section={editing} onClose={() => setEditing(null)} />}
      {leaving && (
        <GiveUp
          section={leaving}
          onClose={() => {
            setLeaving(null)
            refresh()
          }}
        />
      )}
    </Place>
  )
}
