import { type FormEvent, useState } from 'react'
import { api } from '../api/client'
import type { Person, Session } from '../api/types'
import { Button } from '../ui/Button'
import { Input } from '../ui/Field'

interface Props {
  session: Session | undefined
  onDone: (person: Person) => void
}

/** The fields to sign in with, and in the demo the people to pick. */
export function SignInForm({ session, onDone }: Props) {
  const [signIn, setSignIn] = useState('')
  const [password, setPassword] = useState('')
  const [problem, setProblem] = useState('')

  async function enter(path: string, body: unknown) {
    setProblem('')
    try {
      onDone(await api.post<Person>(path, body))
    } catch (e) {
      setProblem((e as Error).message)
    }
  }

  function submit(e: FormEvent) {
    e.preventDefault()
    enter('/session', { signIn, password })
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
              onClick={() => enter('/session/demo', { signIn: p.signIn })}
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
