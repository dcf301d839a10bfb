import { answer, client } from '../shared/api/client'
import { useOutlines, useRefresh, useRight, useSnippets } from '../shared/api/queries'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { Input, Select } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { KindChoice } from '../shared/ui/KindChoice'
import { WhereLinked } from '../shared/ui/WhereLinked'
import { asShown } from '../sheet'

/** A name for a piece of text: its first words. */
function firstWords(html: string): string {
  const text = new DOMParser().parseFromString(html, 'text/html').body.textContent ?? ''
  return text.trim().split(/\s+/).slice(0, 5).join(' ').slice(0, 60)
}

/** The name, or one that nothing has yet. */
function freeOf(name: string, taken: string[]): string {
  let free = name
  for (let n = 2; taken.some((t) => t.toLowerCase() === free.toLowerCase()); n++) free = `${name} ${n}`
  return free
}

/** A snippet of a text, before anything is said of it; that of another text is another. */
const fresh = (of: string) => ({
  of,
  name: undefined as string | undefined,
  about: '',
  shelf: '',
  kinds: [] as string[],
  over: 0,
})

/** Makes a snippet of what is selected; its name is there already, so that one more press does. */
export function KeepSnippetDialog({ body, onClose }: { body: string; onClose: () => void }) {
  const snippets = useSnippets()
  const outlines = useOutlines()
  const mayKeep = useRight('SET_UP')
  const refresh = useRefresh()
  const taken = [...(snippets.data ?? []), ...(outlines.data ?? [])].map((o) => o.name)
  const shelves = [...new Set((snippets.data ?? []).map((s) => s.shelf).filter(Boolean))]
  const form = useForm('snippet:', {
    stored: fresh(body),
    send: ({ over, name: typed, ...typedRest }) => {
      const there = snippets.data?.find((s) => s.id === over)
      return there
        ? answer(
            client.PUT('/editor/api/outlines/{id}', {
              params: { path: { id: there.id }, header: on(there.revision) },
              body: { ...there, body },
            }),
          )
        : answer(
            client.POST('/editor/api/outlines', {
              body: { ...typedRest, name: typed ?? suggested, snippet: true, body },
            }),
          )
    },
    done: () => {
      refresh()
      onClose()
    },
  })
  const suggested = freeOf(firstWords(body) || 'Snippet', taken)
  const { set } = form
  const { about, shelf, kinds, over } = form.value
  const name = form.value.name ?? suggested
  const replaced = snippets.data?.find((s) => s.id === over)
  return (
    <FormDialog
      form={form}
      onClose={onClose}
      title="Keep this as a snippet"
      about="A ready-made piece, for the insert list and the shelf. Prompts in it (Tidy, Prompt) are gaps to fill."
      does={replaced ? 'Change the snippet' : 'Keep the snippet'}
      blocked={mayKeep ? '' : 'Only an editor can change the site’s snippets.'}
    >
      {!!snippets.data?.length && (
        <Select label="Keep it as" value={over} onChange={(e) => set({ over: Number(e.target.value) })}>
          <option value={0}>A new snippet</option>
          {snippets.data.map((s) => (
            <option key={s.id} value={s.id}>
              In place of “{s.name}”
            </option>
          ))}
        </Select>
      )}
      {replaced ? (
        <WhereLinked snippet={replaced} />
      ) : (
        <>
          <Input label="Name" value={name} maxLength={200} onChange={(e) => set({ name: e.target.value })} />
          <Input
            label="What it is for"
            value={about}
            maxLength={500}
            onChange={(e) => set({ about: e.target.value })}
          />
          <Input
            label="Shelf"
            hint="Snippets of one shelf stand together."
            list="shelves"
            value={shelf}
            maxLength={100}
            onChange={(e) => set({ shelf: e.target.value })}
          />
          <datalist id="shelves">
            {shelves.map((s) => (
              <option key={s} value={s} />
            ))}
          </datalist>
          <KindChoice picked={kinds} pick={(picked) => set({ kinds: picked })} hint="None picked: for every kind." />
        </>
      )}
      <div className="max-h-40 overflow-auto border border-line bg-sheet p-3">
        <div className="article !text-[0.8125rem]" inert dangerouslySetInnerHTML={{ __html: asShown(body) }} />
      </div>
    </FormDialog>
  )
}
