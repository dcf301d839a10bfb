import { useQuery } from '@tanstack/react-query'
import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import type { MergeField } from '../shared/api/types'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { AddButton } from '../shared/ui/AddButton'
import { TextButton } from '../shared/ui/Button'
import { Input, Select } from '../shared/ui/Field'
import { shortName } from './kinds/words'
import { SettingsFoot } from './SettingsFoot'

const sources: Record<MergeField['source'], string> = {
  TEXT: 'These words',
  TODAY: 'The day it is read',
  PUBLISHED: 'The day it was put live',
  UPDATED: 'The day it was last changed',
}

const forms: Record<MergeField['form'], string> = {
  FULL: 'Friday, 27 November 2026',
  LONG: '27 November 2026',
  MEDIUM: '27 Nov 2026',
  SHORT: '27/11/2026',
  MONTH: 'November 2026',
  YEAR: '2026',
  ISO: '2026-11-27',
}

const fresh: MergeField = { name: '', label: '', source: 'TEXT', text: '', form: 'LONG' }

/** The placeholders that texts of this site can hold besides those every site has. */
export function MergeFields({ blocked }: { blocked: string }) {
  const kept = useQuery({ queryKey: ['merge-fields'], queryFn: () => answer(client.GET('/editor/api/merge-fields')) })
  const refresh = useRefresh()
  const form = useForm('merge-fields', {
    stored: kept.data && { fields: kept.data.fields },
    blank: { fields: [] as MergeField[] },
    revision: kept.data?.revision,
    send: ({ fields: typed }, seen) => {
      const taken = typed.map((f) => f.name).filter(Boolean)
      const named = typed.map((f) => {
        if (f.name) return f
        const name = shortName(f.label, taken)
        taken.push(name)
        return { ...f, name }
      })
      const body = { fields: named, revision: seen }
      return answer(client.PUT('/editor/api/merge-fields', { params: { header: on(seen) }, body }))
    },
    read: ({ fields: theirs }: { fields: MergeField[] }) => ({ fields: theirs }),
    done: refresh,
    told: 'Changed, on every page that holds them.',
    lists: { fields: (f: MergeField) => f.name },
    labels: { fields: 'Merge fields' },
  })
  const { fields } = form.value
  const change = (next: MergeField[]) => form.set({ fields: next })
  const part = (i: number, given: Partial<MergeField>) =>
    change(fields.map((f, n) => (n === i ? { ...f, ...given } : f)))
  return (
    <section aria-label="Merge fields">
      <form onSubmit={form.submit} className="grid gap-3">
        <h2 className="font-semibold font-serif text-large">Merge fields</h2>
        <p className="text-soft">
          Placeholders that are filled when a page is made: change one here, and every text that holds it says the new
          thing. The site’s name, today’s date, the fields of the item and the name of a signed-in reader are always
          there.
        </p>
        {!fields.length && <p>There is none of this site’s own yet.</p>}
        <ol className="grid gap-3">
          {fields.map((field, i) => (
            <li key={i} className="grid gap-2 border-line border-t pt-2">
              {blocked ? (
                <p>
                  <b>{field.label}</b> {field.source === 'TEXT' ? field.text : sources[field.source]}
                </p>
              ) : (
                <>
                  <div className="grid gap-3 sm:grid-cols-3">
                    <Input
                      label={`What it is called ${i + 1}`}
                      value={field.label}
                      maxLength={100}
                      placeholder="Hotline"
                      onChange={(e) => part(i, { label: e.target.value })}
                    />
                    <Select
                      label={`Filled with ${i + 1}`}
                      value={field.source}
                      onChange={(e) => part(i, { source: e.target.value as MergeField['source'] })}
                    >
                      {Object.entries(sources).map(([value, name]) => (
                        <option key={value} value={value}>
                          {name}
                        </option>
                      ))}
                    </Select>
                    {field.source === 'TEXT' ? (
                      <Input
                        label={`Words ${i + 1}`}
                        value={field.text}
                        maxLength={500}
                        placeholder="0800 11 22 33"
                        onChange={(e) => part(i, { text: e.target.value })}
                      />
                    ) : (
                      <Select
                        label={`Written as ${i + 1}`}
                        value={field.form}
                        onChange={(e) => part(i, { form: e.target.value as MergeField['form'] })}
                      >
                        {Object.entries(forms).map(([value, name]) => (
                          <option key={value} value={value}>
                            {name}
                          </option>
                        ))}
                      </Select>
                    )}
                  </div>
                  <p>
                    <TextButton
                      aria-label={`Take merge field ${i + 1} away`}
                      onClick={() => change(fields.filter((_, n) => n !== i))}
                    >
                      Take away
                    </TextButton>
                  </p>
                </>
              )}
            </li>
          ))}
        </ol>
        {!blocked && (
          <>
            <div>
              <AddButton onClick={() => change([...fields, fresh])}>Add a merge field</AddButton>
            </div>
            <SettingsFoot form={form} does="Change the merge fields" />
          </>
        )}
      </form>
    </section>
  )
}
