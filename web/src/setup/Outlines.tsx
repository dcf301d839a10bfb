import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useKinds } from '../shared/api/kinds'
import { useOutlines, useRefresh, useSnippets } from '../shared/api/queries'
import type { Outline } from '../shared/api/types'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { useNewItem } from '../shared/store/newItem'
import { Button, TextButton } from '../shared/ui/Button'
import { Input, Select } from '../shared/ui/Field'
import { FormState } from '../shared/ui/FormState'
import { KindChoice } from '../shared/ui/KindChoice'
import { OutlineLines } from '../shared/ui/OutlineLines'
import { WhereLinked } from '../shared/ui/WhereLinked'
import { Looking } from './Looking'

/** What is said of the one and of the other. */
const said = {
  outlines: {
    name: 'Outlines',
    about:
      'Starting structures with prompts, for New, “From an outline”. Another is made on the bench, of any item: Tidy, “Make an outline of this text”.',
  },
  snippets: {
    name: 'Snippets',
    about:
      'Ready-made pieces, for the insert list and the shelf beside the sheet. Another is made on the bench, of what is selected: Tidy, “Keep this as a snippet”.',
  },
} as const

interface Props {
  of: keyof typeof said
  blocked: string
}

/** The outlines or the snippets of the site: what they are called, which kinds they are for, copies, and away with them. */
export function Outlines({ of, blocked }: Props) {
  const begins = useOutlines()
  const pieces = useSnippets()
  const outlines = of === 'outlines' ? begins : pieces
  const kinds = useKinds()
  const refresh = useRefresh()
  const [open, setOpen] = useState(0)
  const [deleted, setDeleted] = useState<Outline | null>(null)
  const [problem, setProblem] = useState('')

  async function act(work: () => Promise<unknown>) {
    setProblem('')
    try {
      await work()
      refresh()
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  function remove(outline: Outline) {
    act(async () => {
      await answer(
        client.DELETE('/editor/api/outlines/{id}', {
          params: { path: { id: outline.id }, header: on(outline.revision) },
        }),
      )
      setDeleted(outline)
    })
  }

  function bringBack(outline: Outline) {
    act(async () => {
      await answer(client.POST('/editor/api/outlines', { body: outline }))
      setDeleted(null)
    })
  }

  return (
    <section aria-label={said[of].name} className="grid gap-3 md:col-span-2">
      <h2 className="font-semibold font-serif text-large">{said[of].name}</h2>
      <p className="text-soft">{said[of].about}</p>
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
      {deleted && (
        <p role="status">
          “{deleted.name}” was deleted. <TextButton onClick={() => bringBack(deleted)}>Undo</TextButton>
        </p>
      )}
      {of === 'snippets' && !blocked && <Looking />}
      {outlines.data?.length === 0 && <p>There is none yet.</p>}
      <ul className="grid">
        {outlines.data?.map((o) => (
          <li key={o.id} className="border-line border-t py-2">
            <div className="flex flex-wrap items-baseline gap-x-4">
              <p className="min-w-0 flex-1">
                <b>{o.name}</b> <span className="text-soft">{o.about}</span>
              </p>
              <p className="text-soft">
                {[o.shelf, o.kinds.map((k) => kinds.find((x) => x.name === k)?.label ?? k).join(', ') || 'every kind']
                  .filter(Boolean)
                  .join(' · ')}
              </p>
              <TextButton
                aria-label={blocked ? `Look at “${o.name}”` : `Look at and change “${o.name}”`}
                aria-expanded={open === o.id}
                onClick={() => setOpen(open === o.id ? 0 : o.id)}
              >
                {open === o.id ? 'Close' : blocked ? 'Look' : 'Change'}
              </TextButton>
              {!blocked && (
                <>
                  <TextButton
                    aria-label={`Copy “${o.name}”`}
                    onClick={() =>
                      act(() =>
                        answer(client.POST('/editor/api/outlines/{id}/copy', { params: { path: { id: o.id } } })),
                      )
                    }
                  >
                    Copy
                  </TextButton>
                  <TextButton aria-label={`Delete “${o.name}”`} disabled={!!blocked} onClick={() => remove(o)}>
                    Delete
                  </TextButton>
                </>
              )}
            </div>
            {open === o.id &&
              (blocked ? (
                <div className="mt-2 border border-line bg-sheet p-4">
                  <OutlineLines outline={o} />
                </div>
              ) : (
                <Change outline={o} />
              ))}
          </li>
        ))}
      </ul>
    </section>
  )
}

function fieldsOf({ name, about, kinds, shelf, role }: Outline) {
  return { name, about, kinds, shelf, role }
}

function Change({ outline }: { outline: Outline }) {
  const refresh = useRefresh()
  const begin = useNewItem()
  const firstKind = useKinds()[0]?.name ?? ''
  const form = useForm(`outline:${outline.id}`, {
    stored: fieldsOf(outline),
    revision: outline.revision,
    send: (typed, seen) =>
      answer(
        client.PUT('/editor/api/outlines/{id}', {
          params: { path: { id: outline.id }, header: on(seen) },
          body: { ...typed, snippet: outline.snippet },
        }),
      ),
    read: fieldsOf,
    done: refresh,
    told: 'Changed.',
    labels: { name: 'Name', about: 'What it is for', kinds: 'Kinds', shelf: 'Shelf', role: 'Who may use it' },
  })
  const { name, about, kinds: forKinds, shelf, role } = form.value

  return (
    <div className="mt-2 grid gap-4 md:grid-cols-2">
      <form onSubmit={form.submit} aria-label={outline.name} className="grid content-start gap-3">
        <Input label="Name" value={name} maxLength={200} onChange={(e) => form.set({ name: e.target.value })} />
        <Input
          label="What it is for"
          value={about}
          maxLength={500}
          onChange={(e) => form.set({ about: e.target.value })}
        />
        {outline.snippet && (
          <Input label="Shelf" value={shelf} maxLength={100} onChange={(e) => form.set({ shelf: e.target.value })} />
        )}
        {outline.snippet && (
          <Select
            label="Who may use it"
            value={role ?? ''}
            onChange={(e) => form.set({ role: (e.target.value || undefined) as Outline['role'] })}
          >
            <option value="">Everybody</option>
            <option value="WRITER">Writers</option>
            <option value="EDITOR">Editors</option>
          </Select>
        )}
        <KindChoice
          picked={forKinds}
          pick={(kinds) => form.set({ kinds })}
          hint={outline.snippet ? 'None picked: for every kind.' : undefined}
        />
        <FormState form={form} />
        <p className="flex flex-wrap items-center gap-3">
          <Button look="main" type="submit">
            {outline.snippet ? 'Change the snippet' : 'Change the outline'}
          </Button>
          <Button
            onClick={() =>
              begin(
                outline.kinds[0] ?? firstKind,
                outline.body,
                `${outline.snippet ? 'Snippet' : 'Outline'}: ${outline.name}`,
              )
            }
          >
            Open its text on the bench
          </Button>
          <span role="status">{form.told}</span>
        </p>
        <p className="text-small text-soft">
          {outline.snippet
            ? 'To change its text, open it on the bench, change it there, and keep it as a snippet in place of this one.'
            : 'To change its text, open it on the bench, change it there, and make an outline of it in place of this one.'}
        </p>
      </form>
      <div className="grid content-start gap-3">
        <div className="border border-line bg-sheet p-4">
          <OutlineLines outline={outline} />
        </div>
        {outline.snippet && <WhereLinked snippet={outline} />}
      </div>
    </div>
  )
}
