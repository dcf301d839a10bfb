import { answer, client } from '../shared/api/client'
import { useKinds } from '../shared/api/kinds'
import { useOutlines, useRefresh, useSession } from '../shared/api/queries'
import type { Kind } from '../shared/api/types'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { Input, Select } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { KindChoice } from '../shared/ui/KindChoice'

/** Makes an outline of a text, or gives one another text. */
export function SaveOutlineDialog({ body, onClose }: { body: string; onClose: () => void }) {
  const outlines = useOutlines()
  const session = useSession()
  const refresh = useRefresh()
  const first = useKinds()[0]?.name
  const form = useForm('outline:', {
    stored: { of: body, id: 0, name: '', about: '', kinds: undefined as Kind[] | undefined },
    send: ({ id: over, name: typed, about: told, kinds }) => {
      const given = {
        name: typed,
        about: told,
        kinds: kinds ?? (first ? [first] : []),
        snippet: false,
        shelf: '',
        body,
      }
      const there = outlines.data?.find((o) => o.id === over)
      return there
        ? answer(
            client.PUT('/editor/api/outlines/{id}', {
              params: { path: { id: there.id }, header: on(there.revision) },
              body: given,
            }),
          )
        : answer(client.POST('/editor/api/outlines', { body: given }))
    },
    done: () => {
      refresh()
      onClose()
    },
  })
  const { set } = form
  const { id, name, about, kinds: picked } = form.value
  const forKinds = picked ?? (first ? [first] : [])
  const editor = session.data?.person?.role === 'EDITOR'

  function pick(next: number) {
    const o = outlines.data?.find((x) => x.id === next)
    set(o ? { id: next, name: o.name, about: o.about, kinds: o.kinds } : { id: next })
  }

  return (
    <FormDialog
      onClose={onClose}
      title="Make an outline of this text"
      about="The text as it stands becomes a starting structure. Turn what others shall write themselves into prompts first (Tidy, Prompt)."
      does="Keep the outline"
      blocked={editor ? '' : 'Only an editor can change the site’s outlines.'}
      form={form}
    >
      <Select label="Keep it as" value={id} onChange={(e) => pick(Number(e.target.value))}>
        <option value={0}>A new outline</option>
        {outlines.data?.map((o) => (
          <option key={o.id} value={o.id}>
            {`In place of “${o.name}”`}
          </option>
        ))}
      </Select>
      <Input label="Name" value={name} maxLength={200} onChange={(e) => set({ name: e.target.value })} />
      <Input
        label="What it is for"
        hint="A line that helps others choose."
        value={about}
        maxLength={500}
        onChange={(e) => set({ about: e.target.value })}
      />
      <KindChoice picked={forKinds} pick={(kinds) => set({ kinds })} />
    </FormDialog>
  )
}
