import { useRef } from 'react'
import { answer, client } from '../shared/api/client'
import type { AssetPage } from '../shared/api/types'
import { Button } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { FieldFrame, fieldBox, Input } from '../shared/ui/Field'
import { useDraft } from '../shared/ui/useDraft'
import { useSubmit } from '../shared/ui/useSubmit'

type Said = AssetPage['said']

/** What is said of an asset wherever it is used, and until when readers see it. */
export function SaidForm({ page, onDone }: { page: AssetPage; onDone: (page: AssetPage) => void }) {
  const stored = { said: page.said, keywords: page.said.keywords.join(', '), expires: local(page.expires) }
  const [draft, setDraft] = useDraft(stored, stored)
  const done = useRef(page)
  const { problem, submit } = useSubmit(
    async () => {
      const said = { ...draft.said, keywords: draft.keywords.split(',').map((k) => k.trim()) }
      const expires = draft.expires ? new Date(draft.expires).toISOString() : ''
      const path = { name: page.asset.name }
      done.current = await answer(
        client.PUT('/editor/api/assets/{name}', { params: { path }, body: { said, expires } }),
      )
    },
    () => {
      setDraft(undefined)
      onDone(done.current)
    },
  )
  const text = (name: keyof Omit<Said, 'keywords'>, label: string, hint?: string) => (
    <Input
      label={label}
      hint={hint}
      value={draft.said[name]}
      onChange={(e) => setDraft({ ...draft, said: { ...draft.said, [name]: e.target.value } })}
    />
  )
  const soon = page.expires && new Date(page.expires).getTime() - Date.now() < 14 * 86_400_000
  return (
    <form onSubmit={submit} aria-label="What is said of it" className="grid content-start gap-3">
      {text('title', 'Title')}
      {page.asset.width > 0 &&
        text(
          'alternative',
          'Alternative text',
          'What it shows, for those who cannot see it. Each item may say its own.',
        )}
      {text('caption', 'Caption')}
      {text('credit', 'Credit', 'Who made it.')}
      {text('source', 'Source', 'Where it is from.')}
      {text('licence', 'Licence', 'On what terms it may be used.')}
      <FieldFrame label="Description" hint="For the people of the site; readers do not see it.">
        {({ id, describedBy }) => (
          <textarea
            id={id}
            aria-describedby={describedBy}
            rows={3}
            value={draft.said.description}
            onChange={(e) => setDraft({ ...draft, said: { ...draft.said, description: e.target.value } })}
            className={cx(fieldBox, 'resize-y py-1.5')}
          />
        )}
      </FieldFrame>
      <Input
        label="Keywords"
        hint="With commas between them."
        value={draft.keywords}
        onChange={(e) => setDraft({ ...draft, keywords: e.target.value })}
      />
      <Input
        label="Readers see it until"
        type="datetime-local"
        hint={
          soon
            ? 'From then on readers see a quiet placeholder. That is soon.'
            : 'Can stay empty. From then on readers see a quiet placeholder.'
        }
        value={draft.expires}
        onChange={(e) => setDraft({ ...draft, expires: e.target.value })}
      />
      {soon && (
        <Button
          onClick={async () => {
            const path = { name: page.asset.name }
            const next = await answer(client.POST('/editor/api/assets/{name}/extend', { params: { path } }))
            setDraft({ ...draft, expires: local(next.expires) })
            onDone(next)
          }}
        >
          A year longer
        </Button>
      )}
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
      <div>
        <Button look="main" type="submit">
          Keep this
        </Button>
      </div>
    </form>
  )
}

/** A moment as a field for local time has it. */
function local(moment: string): string {
  if (!moment) return ''
  const at = new Date(moment)
  return new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
}
