import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import { Button } from '../shared/ui/Button'
import { Input } from '../shared/ui/Field'
import { PasswordInput } from '../shared/ui/PasswordInput'
import { Place } from '../shared/ui/Place'
import { useSubmit } from '../shared/ui/useSubmit'
import { useTitle } from '../shared/ui/useTitle'
import { ForMe } from './ForMe'
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
          <Name name={person.name} />
          <Password signIn={person.signIn} />
        </div>
        <SecondFactor on={second} left={recoveryLeft} />
        <SignIns all={signIns} />
      </div>
    </Place>
  )
}

function article(role: string) {
  return `${/^[aeiou]/i.test(role) ? 'an' : 'a'} ${role.toLowerCase()}`
}

function Name({ name }: { name: string }) {
  const [given, setGiven] = useState(name)
  const [told, setTold] = useState('')
  const refresh = useRefresh()
  const { problem, submit } = useSubmit(
    () => answer(client.PUT('/editor/api/me', { body: { name: given } })),
    () => {
      setTold('Changed.')
      refresh()
    },
  )
  return (
    <form onSubmit={submit} className="grid gap-4" aria-label="Your name">
      <h2 className="font-semibold font-serif text-large">Name</h2>
      <Input
        label="Name"
        hint="Others see it, and it stands under what you write from now on."
        value={given}
        onChange={(e) => {
          setTold('')
          setGiven(e.target.value)
        }}
        maxLength={200}
        autoComplete="name"
        required
        problem={problem}
      />
      <p className="flex items-center gap-3">
        <Button type="submit">Change the name</Button>
        <span role="status">{told}</span>
      </p>
    </form>
  )
}

function Password({ signIn }: { signIn: string }) {
  const [given, setGiven] = useState({ old: '', password: '' })
  const [told, setTold] = useState('')
  const refresh = useRefresh()
  const { problem, submit } = useSubmit(
    () => answer(client.PUT('/editor/api/me/password', { body: given })),
    () => {
      setGiven({ old: '', password: '' })
      setTold('Changed. You are signed out everywhere else.')
      refresh()
    },
  )
  return (
    <form onSubmit={submit} className="grid gap-4" aria-label="Your password">
      <h2 className="font-semibold font-serif text-large">Password</h2>
      <Input
        label="Password of now"
        type="password"
        value={given.old}
        onChange={(e) => {
          setTold('')
          setGiven({ ...given, old: e.target.value })
        }}
        autoComplete="current-password"
        required
      />
      <PasswordInput
        label="New password"
        value={given.password}
        change={(password) => {
          setTold('')
          setGiven({ ...given, password })
        }}
        signIn={signIn}
        problem={problem}
      />
      <p className="flex items-center gap-3">
        <Button type="submit">Change the password</Button>
        <span role="status">{told}</span>
      </p>
    </form>
  )
}
