import { answer, client } from '../api/client'
import { useRefresh, useSite } from '../api/queries'
import type { Section } from '../api/types'
import { useForm } from '../form/useForm'
import { Input, Select } from './Field'
import { FormDialog } from './FormDialog'
import { SectionOptions } from './SectionOptions'

interface Props {
  onAdded: (section: Section) => void
  onClose: () => void
}

/** Adds a section in a moment: a name is enough, and the rest can be said later under Sections. */
export function NewSection({ onAdded, onClose }: Props) {
  const site = useSite()
  const refresh = useRefresh()
  const form = useForm('section:', {
    stored: { name: '', parent: '' },
    send: (typed) =>
      answer(client.POST('/editor/api/site/sections', { body: { ...typed, description: '', topics: [] } })),
    done: (added) => {
      refresh()
      onAdded(added)
      onClose()
    },
  })
  const { value, set } = form
  return (
    <FormDialog
      form={form}
      quiet
      onClose={onClose}
      title="A new section"
      about="Its address is made from its name. All else can be said later, under Sections."
      does="Add the section"
    >
      <Input
        label="Name"
        value={value.name}
        onChange={(e) => set({ name: e.target.value })}
        maxLength={200}
        required
        problem={form.problem}
      />
      <Select label="Part of" value={value.parent} onChange={(e) => set({ parent: e.target.value })}>
        <option value="">No other section</option>
        <SectionOptions sections={site.data?.sections ?? []} />
      </Select>
    </FormDialog>
  )
}
