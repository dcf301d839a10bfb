import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import type { Menus as Both, MenuEntry, Site } from '../shared/api/types'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { useTyped } from '../shared/form/useTyped'
import { Button } from '../shared/ui/Button'
import { Input, Select } from '../shared/ui/Field'
import { FormState } from '../shared/ui/FormState'
import { ItemPick, useTitles } from '../shared/ui/ItemPick'
import { OrderedList } from '../shared/ui/OrderedList'
import { SectionOptions } from '../shared/ui/SectionOptions'

/** The menus on every page: of sections, items and addresses, in an order of one's own. */
export function Menus({ site }: { site: Site }) {
  const refresh = useRefresh()
  const form = useForm('menus', {
    stored: site.menus,
    revision: site.menus.revision,
    send: (body, seen) => answer(client.PUT('/editor/api/site/menus', { params: { header: on(seen) }, body })),
    read: (theirs: Both) => theirs,
    done: refresh,
    told: 'Readers see these menus now.',
    lists: { main: idOf, foot: idOf },
    labels: {
      ofSections: 'Whether the main menu is made of the sections',
      main: 'Main menu',
      foot: 'Menu at the foot',
    },
  })
  const { value: menus, set } = form
  const top = site.sections.filter((s) => !s.parent)
  return (
    <form className="mt-8 grid gap-4" onSubmit={form.submit} aria-label="Menus">
      <div>
        <h2 className="font-semibold font-serif text-large">Menus</h2>
        <p className="text-soft">They stand on every page. An entry for an item is shown while the item is live.</p>
      </div>
      <div className="grid gap-8 md:grid-cols-2">
        <div className="grid content-start gap-3">
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              checked={menus.ofSections}
              onChange={(e) =>
                set({
                  ofSections: e.target.checked,
                  main: e.target.checked ? [] : top.map((s) => ({ to: 'SECTION', target: s.slug, label: '' })),
                })
              }
            />
            The main menu is made of the sections
          </label>
          {menus.ofSections ? (
            <p className="text-soft">{top.map((s) => s.name).join(' · ') || 'There is no section to show yet.'}</p>
          ) : (
            <Menu name="Main menu" entries={menus.main} set={(main) => set({ main })} site={site} />
          )}
        </div>
        <Menu name="Menu at the foot" entries={menus.foot} set={(foot) => set({ foot })} site={site} />
      </div>
      <FormState form={form} />
      <div className="flex items-center gap-3">
        <Button look="main" type="submit" blocked={form.changed ? '' : 'Nothing is changed.'}>
          Keep the menus
        </Button>
        <p role="status" className="text-soft">
          {form.told}
        </p>
      </div>
    </form>
  )
}

interface Props {
  name: string
  entries: MenuEntry[]
  set: (entries: MenuEntry[]) => void
  site: Site
}

const idOf = (e: MenuEntry) => `${e.to} ${e.target}`

function Menu({ name, entries, set, site }: Props) {
  const [address, setAddress] = useTyped(`menu:${name}`)
  const titleOf = useTitles(entries.filter((e) => e.to === 'ITEM').map((e) => e.target))
  const leadsTo = (e: MenuEntry) =>
    e.to === 'SECTION'
      ? (site.sections.find((s) => s.slug === e.target)?.name ?? 'A section that is not there any more')
      : e.to === 'ITEM'
        ? titleOf(e.target)
        : e.target
  const add = (to: MenuEntry['to'], target: string, label = '') => {
    if (target && !entries.some((e) => e.to === to && e.target === target)) set([...entries, { to, target, label }])
  }
  return (
    <fieldset className="grid content-start gap-3">
      <legend className="font-semibold">{name}</legend>
      {!entries.length && <p className="text-soft">Nothing is in it yet.</p>}
      <OrderedList label={name} list={entries} set={set} idOf={idOf} nameOf={(e) => e.label || leadsTo(e)}>
        {(e, at) => (
          <div className="grid grid-cols-2 items-center gap-3">
            <span className="truncate" title={leadsTo(e)}>
              {leadsTo(e)}
            </span>
            <input
              aria-label={`Words of the entry for ${leadsTo(e)}`}
              placeholder={e.to === 'ADDRESS' ? 'Its words' : 'As it is called'}
              maxLength={200}
              value={e.label}
              onChange={(ev) => set(entries.map((o, n) => (n === at ? { ...o, label: ev.target.value } : o)))}
              className="h-8 min-w-0 rounded-3 border border-edge bg-sheet px-2.5 placeholder:text-soft"
            />
          </div>
        )}
      </OrderedList>
      <Select
        label={`Add a section to the ${name.toLowerCase()}`}
        value=""
        onChange={(e) => add('SECTION', e.target.value)}
      >
        <option value="">Choose a section</option>
        <SectionOptions sections={site.sections} />
      </Select>
      <ItemPick
        label={`Add an item to the ${name.toLowerCase()}`}
        hint="A few letters of its title."
        onPick={(key) => add('ITEM', key)}
      />
      <div className="flex items-end gap-2">
        <div className="min-w-0 flex-1">
          <Input
            label={`Add an address to the ${name.toLowerCase()}`}
            placeholder="https://"
            value={address}
            maxLength={2000}
            onChange={(e) => setAddress(e.target.value)}
            onKeyDown={(e) => {
              if (e.key !== 'Enter') return
              e.preventDefault()
              add('ADDRESS', address.trim())
              setAddress('')
            }}
          />
        </div>
        <Button
          onClick={() => {
            add('ADDRESS', address.trim())
            setAddress('')
          }}
        >
          Add
        </Button>
      </div>
    </fieldset>
  )
}
