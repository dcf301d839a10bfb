import { useState } from 'react'
import { answer, client } from '../api/client'
import { useRefresh, useSite } from '../api/queries'
import type { Section } from '../api/types'
import { Input, Select } from './Field'
import { FormDialog } from './FormDialog'
import { SectionOptions } from './SectionOptions'
import { useOnce } from './useOnce'

interface Props {
  onAdded: (section: Section) => void
  onClose: () => void
}

/** Adds a section in a moment: a name is enough, and the rest can be said later under Sections. */
export function NewSection({ onAdded, onClose }: Props) {
  const site = useSite()
  const refresh = useRefresh()
  const once = useOnce()
  const [name, setName] = useState('')
  const [parent, setParent] = useState('')
  const [problem, setProblem] = useState('')
  async function add() {
    setProblem('')
    try {
      const body = { name, description: '', topics: [], parent }
      const added = await answer(client.POST('/editor/api/site/sections', { body }))
      refresh()
      onAdded(added)
      onClose()
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  return (
    <FormDialog
      onClose={onClose}
      title="A new section"
      about="Its address is made from its name. All else can be said later, under Sections."
      does="Add the section"
      onSubmit={() => once(add)}
    >
      <Input
        label="Name"
        value={name}
        onChange={(e) => setName(e.target.value)}
        maxLength={200}
        required
        problem={problem}
      />
      <Select label="Part of" value={parent} onChange={(e) => setParent(e.target.value)}>
        <option value="">No other section</option>
        <SectionOptions sections={site.data?.sections ?? []} />
      </Select>
    </FormDialog>
  )
}
