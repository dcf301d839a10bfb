import { useState } from 'react'
import { useSite } from '../shared/api/queries'
import type { BulkInput } from '../shared/api/types'
import { useForm } from '../shared/form/useForm'
import { ChangeThem } from '../shared/ui/ChangeThem'
import { Input, Select } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { SectionOptions } from '../shared/ui/SectionOptions'

type Action = NonNullable<BulkInput['action']>

const actions: [Action, string][] = [
  ['SEND_FOR_REVIEW', 'Send for review'],
  ['PUT_LIVE', 'Put live'],
  ['UPDATE_LIVE', 'Update live'],
  ['WITHDRAW', 'Withdraw'],
  ['ARCHIVE', 'Archive'],
  ['BRING_BACK', 'Bring back as drafts'],
  ['BIN', 'Put in the bin'],
  ['RESTORE', 'Take out of the bin'],
]

const STAYS = '\u0000'
const words = (typed: string) => typed.split(/[,;]/).flatMap((w) => w.trim() || [])

const asTheyAre = {
  section: STAYS,
  topics: {} as Record<string, boolean>,
  add: '',
  remove: '',
  author: '',
  action: '' as Action | '',
  forReaders: true,
}

/** Changes several items at once: said, looked at, followed, and taken back. */
export function BulkChangePanel({ keys, onClose }: { keys: string[]; onClose: () => void }) {
  const site = useSite()
  const [looking, setLooking] = useState(false)
  // What is said stays while it is looked at, and until it is begun or thrown away.
  const form = useForm('bulk', { stored: asTheyAre, send: async () => {} })
  const { set } = form
  const { section, topics, add, remove, author, action, forReaders } = form.value

  const sections = site.data?.sections ?? []
  const place = sections.find((s) => s.slug === section)
  const offered = place
    ? place.topics
    : [...new Map(sections.flatMap((s) => s.topics).map((t) => [t.slug, t])).values()]
  const changes = [
    section !== STAYS && `section ${place?.name ?? 'none'}`,
    ...Object.entries(topics).map(
      ([slug, on]) => `${on ? 'topic' : 'without topic'} ${offered.find((t) => t.slug === slug)?.name ?? slug}`,
    ),
    words(add).length && `keywords ${words(add).join(', ')}`,
    words(remove).length && `without keywords ${words(remove).join(', ')}`,
    author.trim() && `author ${author.trim()}`,
    action && actions.find(([a]) => a === action)?.[1].toLowerCase(),
  ].filter(Boolean)
  const count = keys.length === 1 ? '1 item' : `${keys.length} items`
  const given: BulkInput = {
    keys,
    ...(section !== STAYS && { section }),
    addTopics: Object.keys(topics).filter((t) => topics[t]),
    removeTopics: Object.keys(topics).filter((t) => !topics[t]),
    addKeywords: words(add),
    removeKeywords: words(remove),
    ...(author.trim() && { author: author.trim() }),
    ...(action && { action }),
    forReaders,
    told: `${count}: ${changes.join('; ')}.`,
  }
  if (looking)
    return <ChangeThem given={given} onBack={() => setLooking(false)} onBegun={form.drop} onClose={onClose} />
  return (
    <FormDialog
      onClose={onClose}
      title={`Change ${count}`}
      about="Say what is to be changed; the rest stays as it is in each."
      does="Look at it first"
      blocked={changes.length ? '' : 'Say what is to be changed first.'}
      form={{ ...form, submit: async () => setLooking(true) }}
    >
      <Select
        label="Section"
        value={section}
        onChange={(e) => {
          set({ section: e.target.value, topics: {} })
        }}
      >
        <option value={STAYS}>As it is</option>
        <option value="">No section</option>
        <SectionOptions sections={sections} />
      </Select>
      {offered.length > 0 && (
        <fieldset>
          <legend className="font-semibold">Topics</legend>
          <div className="grid max-h-36 gap-1 overflow-auto sm:grid-cols-2">
            {offered.map((t) => (
              <label key={t.slug} className="flex items-center gap-2">
                <select
                  aria-label={`Topic ${t.name}`}
                  value={t.slug in topics ? (topics[t.slug] ? 'on' : 'off') : ''}
                  onChange={(e) => {
                    const { [t.slug]: _, ...others } = topics
                    set({ topics: e.target.value ? { ...others, [t.slug]: e.target.value === 'on' } : others })
                  }}
                  className="h-7 rounded-3 border border-edge bg-sheet px-1"
                >
                  <option value="">as it is</option>
                  <option value="on">add</option>
                  <option value="off">take off</option>
                </select>
                <span className="min-w-0 truncate">{t.name}</span>
              </label>
            ))}
          </div>
        </fieldset>
      )}
      <Input
        label="Add keywords"
        hint="With commas between them."
        value={add}
        onChange={(e) => set({ add: e.target.value })}
      />
      <Input label="Take keywords off" value={remove} onChange={(e) => set({ remove: e.target.value })} />
      <Input
        label="Author"
        hint="Who they are of, for readers. Left empty, that stays."
        value={author}
        maxLength={200}
        onChange={(e) => set({ author: e.target.value })}
      />
      <Select label="Then" value={action} onChange={(e) => set({ action: e.target.value as Action | '' })}>
        <option value="">Leave them at their stage</option>
        {actions.map(([a, name]) => (
          <option key={a} value={a}>
            {name}
          </option>
        ))}
      </Select>
      <label className="flex items-start gap-2">
        <input
          type="checkbox"
          className="mt-1"
          checked={forReaders}
          onChange={(e) => set({ forReaders: e.target.checked })}
        />
        Readers see it at once of items that are live and have no other change waiting
      </label>
    </FormDialog>
  )
}
