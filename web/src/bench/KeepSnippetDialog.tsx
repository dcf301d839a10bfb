import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useOutlines, useRefresh, useRight, useSnippets } from '../shared/api/queries'
import { Input, Select } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { KindChoice } from '../shared/ui/KindChoice'
import { useSubmit } from '../shared/ui/useSubmit'
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

/** Makes a snippet of what is selected; its name is there already, so that one more press does. */
export function KeepSnippetDialog({ body, onClose }: { body: string; onClose: () => void }) {
  const snippets = useSnippets()
  const outlines = useOutlines()
  const mayKeep = useRight('SET_UP')
  const refresh = useRefresh()
  const taken = [...(snippets.data ?? []), ...(outlines.data ?? [])].map((o) => o.name)
  const [typed, setTyped] = useState<string>()
  const name = typed ?? freeOf(firstWords(body) || 'Snippet', taken)
  const [about, setAbout] = useState('')
  const [shelf, setShelf] = useState('')
  const [kinds, setKinds] = useState<string[]>([])
  const shelves = [...new Set((snippets.data ?? []).map((s) => s.shelf).filter(Boolean))]
  const [over, setOver] = useState(0)
  const replaced = snippets.data?.find((s) => s.id === over)
  const { problem, submit } = useSubmit(
    () =>
      replaced
        ? answer(
            client.PUT('/editor/api/outlines/{id}', {
              params: { path: { id: replaced.id } },
              body: { ...replaced, body },
            }),
          )
        : answer(client.POST('/editor/api/outlines', { body: { name, about, kinds, snippet: true, shelf, body } })),
    () => {
      refresh()
      onClose()
    },
  )
  return (
    <FormDialog
      onClose={onClose}
      title="Keep this as a snippet"
      about="A ready-made piece, for the insert list and the shelf. Prompts in it (Tidy, Prompt) are gaps to fill."
      does={replaced ? 'Change the snippet' : 'Keep the snippet'}
      blocked={mayKeep ? '' : 'Only an editor can change the site’s snippets.'}
      onSubmit={submit}
    >
      {!!snippets.data?.length && (
        <Select label="Keep it as" value={over} onChange={(e) => setOver(Number(e.target.value))}>
          <option value={0}>A new snippet</option>
          {snippets.data.map((s) => (
            <option key={s.id} value={s.id}>
              In place of “{s.name}”
            </option>
          ))}
        </Select>
      )}
      {replaced ? (
        <>
          <WhereLinked snippet={replaced} />
          {problem && (
            <p role="alert" className="text-rust">
              {problem}
            </p>
          )}
        </>
      ) : (
        <>
          <Input
            label="Name"
            value={name}
            maxLength={200}
            onChange={(e) => setTyped(e.target.value)}
            problem={problem}
          />
          <Input label="What it is for" value={about} maxLength={500} onChange={(e) => setAbout(e.target.value)} />
          <Input
            label="Shelf"
            hint="Snippets of one shelf stand together."
            list="shelves"
            value={shelf}
            maxLength={100}
            onChange={(e) => setShelf(e.target.value)}
          />
          <datalist id="shelves">
            {shelves.map((s) => (
              <option key={s} value={s} />
            ))}
          </datalist>
          <KindChoice picked={kinds} pick={setKinds} hint="None picked: for every kind." />
        </>
      )}
      <div className="max-h-40 overflow-auto border border-line bg-sheet p-3">
        <div className="article !text-[0.8125rem]" inert dangerouslySetInnerHTML={{ __html: asShown(body) }} />
      </div>
    </FormDialog>
  )
}
