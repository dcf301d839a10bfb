import { answer, client } from '../shared/api/client'
import type { AssetPage } from '../shared/api/types'
import { changeOn, on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { Button } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { FieldFrame, fieldBox, Input } from '../shared/ui/Field'
import { FormState } from '../shared/ui/FormState'

type Said = AssetPage['said']

const labels = { said: 'What is said of it', keywords: 'Keywords', expires: 'Readers see it until' }

function fieldsOf({ said, expires }: AssetPage) {
  return { said, keywords: said.keywords.join(', '), expires: local(expires) }
}

/** What is said of an asset wherever it is used, and until when readers see it. */
export function SaidForm({ page, onDone }: { page: AssetPage; onDone: (page: AssetPage) => void }) {
  const path = { name: page.asset.name }
  const form = useForm(`asset:${page.asset.name}`, {
    stored: fieldsOf(page),
    revision: page.revision,
    send: (typed, seen) => {
      const said = { ...typed.said, keywords: typed.keywords.split(',').map((k) => k.trim()) }
      const expires = typed.expires ? new Date(typed.expires).toISOString() : ''
      return answer(
        client.PUT('/editor/api/assets/{name}', { params: { path, header: on(seen) }, body: { said, expires } }),
      )
    },
    read: fieldsOf,
    done: onDone,
    labels,
  })
  const { value: draft, set } = form
  const text = (name: keyof Omit<Said, 'keywords'>, label: string, hint?: string) => (
    <Input
      label={label}
      hint={hint}
      value={draft.said[name]}
      onChange={(e) => set({ said: { ...draft.said, [name]: e.target.value } })}
    />
  )
  const soon = page.expires && new Date(page.expires).getTime() - Date.now() < 14 * 86_400_000
  return (
    <form
      onSubmit={(e) => (page.held ? e.preventDefault() : form.submit(e))}
      aria-label="What is said of it"
      className="grid content-start gap-3"
    >
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
            onChange={(e) => set({ said: { ...draft.said, description: e.target.value } })}
            className={cx(fieldBox, 'resize-y py-1.5')}
          />
        )}
      </FieldFrame>
      <Input
        label="Keywords"
        hint="With commas between them."
        value={draft.keywords}
        onChange={(e) => set({ keywords: e.target.value })}
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
        onChange={(e) => set({ expires: e.target.value })}
      />
      {soon && (
        <Button
          blocked={page.held}
          onClick={async () => {
            onDone(
              await changeOn(page, ['expires'], (now) =>
                answer(client.POST('/editor/api/assets/{name}/extend', { params: { path, header: on(now.revision) } })),
              ),
            )
          }}
        >
          A year longer
        </Button>
      )}
      <FormState form={form} />
      <div>
        <Button look="main" type="submit" blocked={page.held}>
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
