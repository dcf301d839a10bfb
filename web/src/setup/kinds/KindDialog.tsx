import { answer, client } from '../../shared/api/client'
import { useKinds } from '../../shared/api/kinds'
import type { ItemKind, KindStanding } from '../../shared/api/types'
import { on } from '../../shared/form/change'
import { useForm } from '../../shared/form/useForm'
import { AddButton } from '../../shared/ui/AddButton'
import { Input } from '../../shared/ui/Field'
import { FormDialog } from '../../shared/ui/FormDialog'
import { AsAtFirst, useDefaults } from '../AsAtFirst'
import { CardForm } from './CardForm'
import { named, newKind } from './words'

interface Props {
  /** The kind that is changed; undefined for a new one. */
  standing: KindStanding | undefined
  onDone: () => void
  onClose: () => void
}

const lists = { cards: (c: { label: string }) => c.label, 'cards.*.fields': (f: { name: string }) => f.name }

const labels = {
  label: 'What one is called',
  plural: 'What several are called',
  help: 'What it is for',
  news: 'Listed among the latest',
  unfolds: 'Section pages show its text down to the fold',
  summaryLimit: 'Most characters of a summary',
  cards: 'Cards',
}

/** How many items a change touches, and what becomes of what is in them. */
function touched(items: number): string {
  if (!items) return 'No item is of this kind yet.'
  const many = items === 1 ? 'One item is' : `${items} items are`
  return `${many} of this kind. What was entered in them stays, also where no field shows it any more.`
}

/** Makes a kind of item, or changes one. */
export function KindDialog({ standing, onDone, onClose }: Props) {
  const kinds = useKinds()
  const first = useDefaults()?.kinds.find((k) => k.name === standing?.kind.name)
  const form = useForm(`kind:${standing?.kind.name ?? ''}`, {
    stored: standing?.kind ?? newKind,
    revision: standing?.revision,
    send: (typed, seen) => {
      const body = named(
        typed,
        kinds.map((k) => k.name),
      )
      return standing
        ? answer(
            client.PUT('/editor/api/kinds/{name}', {
              params: { path: { name: body.name }, header: on(seen) },
              body,
            }),
          )
        : answer(client.POST('/editor/api/kinds', { body }))
    },
    read: (theirs: KindStanding) => theirs.kind,
    done: onDone,
    lists,
    labels,
  })
  const { value: kind, set: part } = form
  const card = (i: number, next: ItemKind['cards'][number]) =>
    part({ cards: kind.cards.map((c, n) => (n === i ? next : c)) })

  return (
    <FormDialog
      wide
      onClose={onClose}
      title={standing ? `The kind “${standing.kind.label}”` : 'A new kind of item'}
      about={standing ? touched(standing.items) : 'Title, summary, text, section and keywords come with every kind.'}
      does={standing ? 'Change the kind' : 'Make the kind'}
      form={form}
    >
      <div className="grid gap-3 sm:grid-cols-2">
        <Input
          label="What one is called"
          value={kind.label}
          maxLength={100}
          required
          onChange={(e) => part({ label: e.target.value })}
        />
        <Input
          label="What several are called"
          value={kind.plural}
          maxLength={100}
          required
          onChange={(e) => part({ plural: e.target.value })}
        />
      </div>
      <Input
        label="What it is for, in a line"
        value={kind.help}
        maxLength={500}
        onChange={(e) => part({ help: e.target.value })}
      />
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        <label className="flex items-center gap-2">
          <input type="checkbox" checked={kind.news} onChange={(e) => part({ news: e.target.checked })} />
          Listed among the latest
        </label>
        <label className="flex items-center gap-2">
          <input type="checkbox" checked={kind.unfolds} onChange={(e) => part({ unfolds: e.target.checked })} />
          Section pages show its text down to the fold
        </label>
      </div>
      <div className="max-w-md">
        <Input
          label="Most characters of a summary"
          type="number"
          min={20}
          max={5000}
          required
          value={kind.summaryLimit || ''}
          onChange={(e) => part({ summaryLimit: Number(e.target.value) })}
          hint={
            <AsAtFirst
              of="Most characters of a summary"
              now={kind.summaryLimit}
              first={newKind.summaryLimit}
              told={String(newKind.summaryLimit)}
              set={(summaryLimit) => part({ summaryLimit })}
            />
          }
        />
      </div>
      <AsAtFirst of={kind.label} now={kind} first={first} told="one of the kinds a site begins with" set={part} />
      {kind.cards.map((c, i) => (
        <CardForm
          key={i}
          card={c}
          set={(next) => card(i, next)}
          takeOff={() => part({ cards: kind.cards.filter((_, n) => n !== i) })}
        />
      ))}
      <div>
        <AddButton onClick={() => part({ cards: [...kind.cards, { label: '', fields: [] }] })}>
          Add a card with fields
        </AddButton>
      </div>
    </FormDialog>
  )
}
