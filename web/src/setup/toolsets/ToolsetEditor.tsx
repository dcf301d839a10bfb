import { answer, client } from '../../shared/api/client'
import type { ToolGroup, Toolset, ToolsetStanding, Writing } from '../../shared/api/types'
import { on } from '../../shared/form/change'
import { useForm } from '../../shared/form/useForm'
import { Button } from '../../shared/ui/Button'
import { Input } from '../../shared/ui/Field'
import { FormState } from '../../shared/ui/FormState'
import { startingGroups } from '../../sheet'
import { shortName } from '../kinds/words'
import { Arrange } from './Arrange'
import { Narrow } from './Narrow'
import { Sample } from './Sample'
import { Uses } from './Uses'

interface Props {
  /** The toolset that is changed; undefined for a new one. */
  standing: ToolsetStanding | undefined
  taken: string[]
  writing: Writing
  onDone: () => void
  onClose: () => void
}

/** What the plainest texts need. */
const plainest: ToolGroup[] = [
  { label: 'Words', buttons: ['strong', 'emphasis', 'link'], menu: [] },
  { label: 'Structure', buttons: ['bulleted', 'numbered'], menu: ['paragraph', 'heading-2', 'heading-3'] },
]

const fresh = (): Toolset => ({ name: '', label: '', about: '', groups: startingGroups(), only: {}, uses: [] })

/** Makes a toolset, or changes one; it holds from the moment it is kept, on open benches too. */
export default function ToolsetEditor({ standing, taken, writing, onDone, onClose }: Props) {
  const form = useForm(`toolset:${standing?.toolset.name ?? ''}`, {
    stored: standing?.toolset ?? fresh(),
    revision: standing?.revision,
    send: (typed, seen) => {
      const body = { ...typed, name: typed.name || shortName(typed.label, taken) }
      return standing
        ? answer(
            client.PUT('/editor/api/toolsets/{name}', {
              params: { path: { name: body.name }, header: on(seen) },
              body,
            }),
          )
        : answer(client.POST('/editor/api/toolsets', { body }))
    },
    read: (theirs: ToolsetStanding) => theirs.toolset,
    done: onDone,
    lists: { groups: (g: ToolGroup) => g.label },
    labels: {
      label: 'Name',
      about: 'What it is for',
      groups: 'Tools',
      only: 'What it narrows',
      uses: 'Where it holds',
    },
  })
  const { value: set, set: part } = form
  return (
    <section
      aria-label={standing ? `The toolset “${standing.toolset.label}”` : 'A new toolset'}
      className="grid grid-cols-[minmax(0,1fr)] gap-5 border border-edge p-4"
    >
      <form onSubmit={form.submit} className="grid grid-cols-[minmax(0,1fr)] gap-5">
        <div className="grid gap-3 sm:grid-cols-2">
          <Input
            label="Name of the toolset"
            value={set.label}
            maxLength={100}
            required
            onChange={(e) => part({ label: e.target.value })}
          />
          <Input
            label="What it is for, in a line"
            value={set.about}
            maxLength={500}
            onChange={(e) => part({ about: e.target.value })}
          />
        </div>
        <Uses uses={set.uses} set={(uses) => part({ uses })} />
        {!standing && (
          <div className="flex flex-wrap items-center gap-3">
            <span className="font-semibold">Begin with</span>
            <Button onClick={() => part({ groups: startingGroups() })}>Every tool</Button>
            <Button onClick={() => part({ groups: plainest })}>Only the plainest</Button>
          </div>
        )}
        <Arrange groups={set.groups} set={(groups) => part({ groups })} />
        <Narrow only={set.only} writing={writing} set={(only) => part({ only })} />
        <FormState form={form} />
        <p className="flex flex-wrap gap-3">
          <Button type="submit" look="main">
            {standing ? 'Change the toolset' : 'Make the toolset'}
          </Button>
          <Button
            onClick={() => {
              form.drop()
              onClose()
            }}
          >
            Cancel
          </Button>
        </p>
      </form>
      <Sample toolset={set} writing={writing} />
    </section>
  )
}
