import { useQuery } from '@tanstack/react-query'
import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import type { Person } from '../shared/api/types'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { Button } from '../shared/ui/Button'
import { Input } from '../shared/ui/Field'
import { FormState } from '../shared/ui/FormState'
import { PasswordInput } from '../shared/ui/PasswordInput'
import { Place } from '../shared/ui/Place'
import { useTitle } from '../shared/ui/useTitle'
import { ForMe } from './ForMe'
import { Passkeys } from './Passkeys'
import { SecondFactor } from './SecondFactor'
import { SignIns } from './SignIns'

/** Somebody's own account: what they are called, how they sign in, and where they are signed in. */
export function Account() {
  useTitle('Your account')
  const own = useQuery({ queryKey: ['me'], queryFn: () => answer(client.GET('/editor/api/me')) })
  if (!own.data) return own.isError ? <p className="p-8 text-rust">{own.error.message}</p> : null
  const { person, second, recoveryLeft, signIns } = own.data
  return (
    <Place title="Your account" about={`You sign in as “${person.signIn}” and are ${article(person.roleLabel)}.`}>
      <div className="grid items-start gap-10 md:grid-cols-2">
        <ForMe />
        <div className="grid gap-10">
          <Name person={person} />
          <Password signIn={person.signIn} />
        </div>
        <div className="grid gap-10">
          <SecondFactor on={second} left={recoveryLeft} />
          <Passkeys second={second} />
        </div>
        <SignIns all={signIns} />
      </div>
    </Place>
  )
}

function article(role: string) {
  return `${/^[aeiou]/i.test(role) ? 'an' : 'a'} ${role.toLowerCase()}`
}

function Name({ person }: { person: Person }) {
  const refresh = useRefresh()
  const form = useForm('own-name', {
    stored: { name: person.name },
    revision: person.revision,
    send: (body, seen) => answer(client.PUT('/editor/api/me', { params: { header: on(seen) }, body })),
    read: ({ name }: Person) => ({ name }),
    done: refresh,
    told: 'Changed.',
    labels: { name: 'Name' },
  })
  return (
    <form onSubmit={form.submit} className="grid gap-4" aria-label="Your name">
      <h2 className="font-semibold font-serif text-large">Name</h2>
      <Input
        label="Name"
        hint="Others see it, and it stands under what you write from now on."
        value={form.value.name}
        onChange={(e) => form.set({ name: e.target.value })}
        maxLength={200}
        autoComplete="name"
        required
      />
      <FormState form={form} />
      <p className="flex items-center gap-3">
        <Button type="submit">Change the name</Button>
        <span role="status">{form.told}</span>
      </p>
    </form>
  )
}

function Password({ signIn }: { signIn: string }) {
  const refresh = useRefresh()
  const form = useForm('own-password', {
    stored: { old: '', password: '' },
    send: (body) => answer(client.PUT('/editor/api/me/password', { body })),
    done: refresh,
    told: 'Changed. You are signed out everywhere else.',
    secret: true,
  })
  const { value: given, set } = form
  return (
    <form onSubmit={form.submit} className="grid gap-4" aria-label="Your password">
      <h2 className="font-semibold font-serif text-large">Password</h2>
      <Input
        label="Current password"
        type="password"
        value={given.old}
        onChange={(e) => set({ old: e.target.value })}
        autoComplete="current-password"
        required
      />
      <PasswordInput
        label="New password"
        value={given.password}
        change={(password) => set({ password })}
        signIn={signIn}
        problem={form.problem}
      />
      <FormState form={form} quiet />
      <p className="flex items-center gap-3">
        <Button type="submit">Change the password</Button>
        <span role="status">{form.told}</span>
      </p>
    </form>
  )
}
