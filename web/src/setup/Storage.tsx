import { answer, client } from '../shared/api/client'
import { useRefresh, useStorage } from '../shared/api/queries'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { Facts } from '../shared/ui/Facts'
import { Input } from '../shared/ui/Field'
import { sizeOf } from '../shared/ui/sizes'
import { SettingsFoot } from './SettingsFoot'

interface Limits {
  site: string
  person: string
}

/** An empty field allows as much as there is room for. */
const typed = (megabytes: number) => (megabytes ? String(megabytes) : '')
const fieldsOf = ({ site, person }: { site: number; person: number }): Limits => ({
  site: typed(site),
  person: typed(person),
})

const problemWith = (text: string) => (/^\d{0,9}$/.test(text.trim()) ? '' : 'A whole number of megabytes, or nothing.')

/** How much of files the site and each person may keep. */
export function Storage({ blocked }: { blocked: string }) {
  const storage = useStorage().data
  const refresh = useRefresh()
  const form = useForm('storage', {
    stored: storage && fieldsOf(storage.limits),
    blank: { site: '', person: '' },
    revision: storage?.limits.revision,
    send: async ({ site, person }, seen) => {
      const wrong = problemWith(site) || problemWith(person)
      if (wrong) throw new Error(wrong)
      const body = { site: Number(site), person: Number(person), revision: seen }
      return answer(client.PUT('/editor/api/storage', { params: { header: on(seen) }, body }))
    },
    read: fieldsOf,
    done: refresh,
    told: 'Changed.',
    labels: { site: 'All files together, in megabytes', person: 'Files of each person, in megabytes' },
  })
  if (!storage) return null
  const used = [
    ['All files together', sizeOf(storage.usedBySite)],
    ['Files you brought in', sizeOf(storage.usedByYou)],
  ] as [string, string][]
  const { site, person } = form.value
  return (
    <form onSubmit={form.submit} className="grid gap-4" aria-label="Storage">
      <h2 className="font-semibold font-serif text-large">Storage</h2>
      <p className="text-soft">
        How much of pictures, sounds, films and files may be kept, the bin included. People are told when four fifths
        are used, and no file is taken in once all is.
      </p>
      <Facts rows={used} />
      {!blocked && (
        <>
          <Input
            label="All files together, in megabytes"
            hint="Left empty, as much as there is room for."
            inputMode="numeric"
            value={site}
            problem={problemWith(site)}
            onChange={(e) => form.set({ site: e.target.value })}
          />
          <Input
            label="Files of each person, in megabytes"
            hint="Left empty, as much as there is room for."
            inputMode="numeric"
            value={person}
            problem={problemWith(person)}
            onChange={(e) => form.set({ person: e.target.value })}
          />
          <SettingsFoot form={form} does="Change the storage" />
        </>
      )}
    </form>
  )
}
