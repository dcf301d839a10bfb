import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useKinds } from '../shared/api/kinds'
import { useOutlines, useRefresh, useSession } from '../shared/api/queries'
import type { Kind } from '../shared/api/types'
import { Input, Select } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { KindChoice } from '../shared/ui/KindChoice'
import { useSubmit } from '../shared/ui/useSubmit'

/** Makes an outline of a text, or gives one another text. */
export function SaveOutlineDialog({ body, onClose }: { body: string; onClose: () => void }) {
  const outlines = useOutlines()
  const session = useSession()
  const refresh = useRefresh()
  const [id, setId] = useState(0)
  const [name, setName] = useState('')
  const [about, setAbout] = useState('')
  const [picked, setKinds] = useState<Kind[]>()
  const first = useKinds()[0]?.name
  const forKinds = picked ?? (first ? [first] : [])
  const editor = session.data?.person?.role === 'EDITOR'

  function pick(next: number) {
    setId(next)
    const o = outlines.data?.find((x) => x.id === next)
    if (!o) return
    setName(o.name)
    setAbout(o.about)
    setKinds(o.kinds)
  }

  const { problem, submit } = useSubmit(
    async () => {
      const given = { name, about, kinds: forKinds, snippet: false, shelf: '', body }
      if (id) await answer(client.PUT('/editor/api/outlines/{id}', { params: { path: { id } }, body: given }))
      else await answer(client.POST('/editor/api/outlines', { body: given }))
    },
    () => {
      refresh()
      onClose()
    },
  )

  return (
    <FormDialog
      onClose={onClose}
      title="Make an outline of this text"
      about="The text as it stands becomes a starting structure. Turn what others shall write themselves into prompts first (Tidy, Prompt)."
      does="Keep the outline"
      blocked={editor ? '' : 'Only an editor can change the site’s outlines.'}
      onSubmit={submit}
    >
      <Select label="Keep it as" value={id} onChange={(e) => pick(Number(e.target.value))}>
        <option value={0}>A new outline</option>
        {outlines.data?.map((o) => (
          <option key={o.id} value={o.id}>
            {`In place of “${o.name}”`}
          </option>
        ))}
      </Select>
      <Input label="Name" value={name} maxLength={200} onChange={(e) => setName(e.target.value)} problem={problem} />
      <Input
        label="What it is for"
        hint="A line that helps others choose."
        value={about}
        maxLength={500}
        onChange={(e) => setAbout(e.target.value)}
      />
      <KindChoice picked={forKinds} pick={setKinds} />
    </FormDialog>
  )
}
