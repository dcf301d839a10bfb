import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh, useSession } from '../shared/api/queries'
import type { NewPerson, OneTimeLink, Person } from '../shared/api/types'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { Button } from '../shared/ui/Button'
import { Input, Select } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { Menu, MenuItem } from '../shared/ui/Menu'
import { LinkShown } from './LinkShown'
import { SecondFactorOfRoles } from './SecondFactorOfRoles'

type Doing = { what: 'change' | 'deactivate'; person: Person } | { what: 'add' } | null

/** The people who work on the site, and what can be done for them. */
export function People({ mayChange }: { mayChange: boolean }) {
  const people = useQuery({ queryKey: ['people'], queryFn: () => answer(client.GET('/editor/api/people')) })
  const me = useSession().data?.person
  const refresh = useRefresh()
  const [doing, setDoing] = useState<Doing>(null)
  const [link, setLink] = useState<{ person: Person; link: OneTimeLink } | null>(null)
  const [told, setTold] = useState('')
  const [problem, setProblem] = useState('')
  const close = () => setDoing(null)

  async function act(work: () => Promise<string>) {
    setProblem('')
    setTold('')
    try {
      setTold(await work())
      refresh()
    } catch (e) {
      setProblem((e as Error).message)
    }
  }

  async function makeLink(person: Person) {
    await act(async () => {
      setLink({ person, link: await answer(client.POST('/editor/api/people/{id}/link', at(person))) })
      return ''
    })
  }

  return (
    <section className="grid gap-3" aria-label="People">
      <h2 className="font-semibold font-serif text-large">People</h2>
      <ul className="border-line border-t">
        {people.data?.map((p) => (
          <li key={p.id} className="flex items-baseline gap-3 border-line border-b py-2">
            <span className={p.active ? 'font-semibold' : 'text-soft line-through'}>{p.name}</span>
            <span className="truncate text-soft">{p.signIn}</span>
            <span className="ml-auto whitespace-nowrap">{p.active ? p.roleLabel : 'Works here no more'}</span>
            {mayChange && (
              <Menu
                trigger={
                  <Button look="quiet" aria-label={`What to do for ${p.name}`}>
                    More
                  </Button>
                }
              >
                <MenuItem onSelect={() => setDoing({ what: 'change', person: p })}>Change name or role</MenuItem>
                {p.active && <MenuItem onSelect={() => makeLink(p)}>Make a link to set a password</MenuItem>}
                {p.active && (
                  <MenuItem
                    onSelect={() =>
                      act(async () => {
                        await answer(client.DELETE('/editor/api/people/{id}/sign-ins', at(p)))
                        return `${p.name} is signed out everywhere.`
                      })
                    }
                  >
                    Sign out everywhere
                  </MenuItem>
                )}
                {p.active && (
                  <MenuItem
                    onSelect={() =>
                      act(async () => {
                        await answer(client.DELETE('/editor/api/people/{id}/second-factor', at(p)))
                        return `The second factor of ${p.name} is off.`
                      })
                    }
                  >
                    Turn the second factor off
                  </MenuItem>
                )}
                {p.active && p.id !== me?.id && (
                  <MenuItem onSelect={() => setDoing({ what: 'deactivate', person: p })}>Deactivate</MenuItem>
                )}
                {!p.active && (
                  <MenuItem
                    onSelect={() =>
                      act(async () => {
                        await answer(client.POST('/editor/api/people/{id}/activation', seenAt(p)))
                        return `${p.name} can sign in again.`
                      })
                    }
                  >
                    Activate again
                  </MenuItem>
                )}
              </Menu>
            )}
          </li>
        ))}
      </ul>
      <p role="status">{told}</p>
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
      {link && <LinkShown name={link.person.name} link={link.link} onDone={() => setLink(null)} />}
      {mayChange && (
        <Button className="justify-self-start" onClick={() => setDoing({ what: 'add' })}>
          Add a person
        </Button>
      )}
      {mayChange && <SecondFactorOfRoles />}
      {doing?.what === 'add' && (
        <AddDialog
          onClose={close}
          onAdded={(person) => {
            close()
            makeLink(person)
          }}
        />
      )}
      {doing?.what === 'change' && <ChangeDialog person={doing.person} onClose={close} />}
      {doing?.what === 'deactivate' && (
        <DeactivateDialog
          person={doing.person}
          others={(people.data ?? []).filter((p) => p.active && p.id !== doing.person.id)}
          onClose={close}
          onDone={(items) => {
            close()
            setTold(
              `${doing.person.name} is deactivated; ${items} ${items === 1 ? 'item was' : 'items were'} handed over.`,
            )
          }}
        />
      )}
    </section>
  )
}

function at(person: Person) {
  return { params: { path: { id: person.id } } }
}

function seenAt({ id, revision }: Person, seen = revision) {
  return { params: { path: { id }, header: on(seen) } }
}

function RoleField({ value, change }: { value: Person['role']; change: (role: Person['role']) => void }) {
  return (
    <Select
      label="Role"
      hint="A writer hands on to an editor; an editor may put live, and looks after the set-up."
      value={value}
      onChange={(e) => change(e.target.value === 'EDITOR' ? 'EDITOR' : 'WRITER')}
    >
      <option value="WRITER">Writer</option>
      <option value="EDITOR">Editor</option>
    </Select>
  )
}

const nobody: NewPerson = { name: '', signIn: '', role: 'WRITER', password: '' }

function AddDialog({ onClose, onAdded }: { onClose: () => void; onAdded: (person: Person) => void }) {
  const refresh = useRefresh()
  const form = useForm('person:', {
    stored: nobody,
    send: (body) => answer(client.POST('/editor/api/people', { body })),
    done: async (person) => {
      await refresh()
      onAdded(person)
    },
  })
  const { value: given, set } = form
  return (
    <FormDialog
      form={form}
      quiet
      onClose={onClose}
      title="Add a person"
      about="They set their own password by a link that works once; you get it to hand on."
      does="Add the person"
    >
      <RoleField value={given.role} change={(role) => set({ role })} />
      <Input
        label="Name"
        hint="It stands under what they write."
        value={given.name}
        onChange={(e) => set({ name: e.target.value })}
        maxLength={200}
        required
      />
      <Input
        label="Sign-in name"
        hint="If it is their mail address, the link goes out as a letter too."
        value={given.signIn}
        onChange={(e) => set({ signIn: e.target.value })}
        autoComplete="off"
        required
        problem={form.problem}
      />
    </FormDialog>
  )
}

const namedOf = ({ name, role }: Person) => ({ name, role })

function ChangeDialog({ person, onClose }: { person: Person; onClose: () => void }) {
  const refresh = useRefresh()
  const form = useForm(`person:${person.id}`, {
    stored: namedOf(person),
    revision: person.revision,
    send: (body, seen) => answer(client.PUT('/editor/api/people/{id}', { ...seenAt(person, seen), body })),
    read: namedOf,
    done: async () => {
      await refresh()
      onClose()
    },
    labels: { name: 'Name', role: 'Role' },
  })
  const { value: given, set } = form
  return (
    <FormDialog form={form} onClose={onClose} title={`Change ${person.name}`} does="Change">
      <Input label="Name" value={given.name} onChange={(e) => set({ name: e.target.value })} maxLength={200} required />
      <RoleField value={given.role} change={(role) => set({ role })} />
    </FormDialog>
  )
}

interface DeactivateProps {
  person: Person
  others: Person[]
  onClose: () => void
  onDone: (items: number) => void
}

function DeactivateDialog({ person, others, onClose, onDone }: DeactivateProps) {
  const refresh = useRefresh()
  const form = useForm(`deactivation:${person.id}`, {
    stored: { to: String(others[0]?.id ?? '') },
    send: ({ to }) =>
      answer(client.POST('/editor/api/people/{id}/deactivation', { ...seenAt(person), body: { to: Number(to) } })),
    done: async (handed) => {
      await refresh()
      onDone(handed.items)
    },
  })
  return (
    <FormDialog
      form={form}
      onClose={onClose}
      title={`Deactivate ${person.name}`}
      about="They are signed out and cannot sign in; their name stays on what they wrote. You can activate them again."
      does="Deactivate"
      blocked={others.length ? '' : 'There is nobody to have their items.'}
    >
      <Select label="Their items go to" value={form.value.to} onChange={(e) => form.set({ to: e.target.value })}>
        {others.map((p) => (
          <option key={p.id} value={p.id}>
            {p.name}
          </option>
        ))}
      </Select>
    </FormDialog>
  )
}
