import { type FormEvent, useState } from 'react'
import { answer, client } from '../api/client'
import type { Person, Session } from '../api/types'
import { Button } from './Button'
import { Input } from './Field'

interface Props {
  session: Session | undefined
  onDone: (person: Person) => void
}

/** The fields to sign in with, and in the demo the people to pick. */
export function SignInForm({ session, onDone }: Props) {
  const [signIn, setSignIn] = useState('')
  const [password, setPassword] = useState('')
  const [problem, setProblem] = useState('')

  async function enter(signingIn: Promise<Person>) {
    setProblem('')
    try {
      onDone(await signingIn)
    } catch (e) {
      setProblem((e as Error).message)
    }
  }

  function submit(e: FormEvent) {
    e.preventDefault()
    enter(answer(client.POST('/editor/api/session', { body: { signIn, password } })))
  }

  return (
    <div className="grid gap-5">
      {!!session?.demoPeople.length && (
        <div className="grid gap-2">
          <p>This is the demo. Pick who you want to be:</p>
          {session.demoPeople.map((p) => (
            <Button
              key={p.id}
              className="h-10 justify-between"
              onClick={() => enter(answer(client.POST('/editor/api/session/demo', { body: { signIn: p.signIn } })))}
            >
              <span className="font-semibold">{p.name}</span>
              <span className="text-soft">{p.roleLabel}</span>
            </Button>
          ))}
          <p className="pt-2 text-soft">Or with name and password:</p>
        </div>
      )}
      <form onSubmit={submit} className="grid gap-4">
        <Input
          label="Sign-in name"
          value={signIn}
          onChange={(e) => setSignIn(e.target.value)}
          autoComplete="username"
          required
        />
        <Input
          label="Password"
          type="password"
          value={password}
          onChange={(e) => setPassword(e.target.value)}
          autoComplete="current-password"
          required
          problem={problem}
        />
        <Button look="main" type="submit" className="justify-center">
          Sign in
        </Button>
      </form>
    </div>
  )
}
