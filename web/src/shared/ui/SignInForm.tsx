import { type FormEvent, useState } from 'react'
import { answer, client, Problem } from '../api/client'
import type { Person, Session } from '../api/types'
import { Button } from './Button'
import { Input } from './Field'
import { knowsPasskeys, signInWithPasskey } from './passkeys'

interface Props {
  session: Session | undefined
  onDone: (person: Person) => void
}

/** The fields to sign in with, and in the demo the people to pick. */
export function SignInForm({ session, onDone }: Props) {
  const [signIn, setSignIn] = useState('')
  const [password, setPassword] = useState('')
  const [code, setCode] = useState('')
  const [second, setSecond] = useState(false)
  const [problem, setProblem] = useState('')

  async function enter(signingIn: Promise<Person>) {
    setProblem('')
    try {
      onDone(await signingIn)
    } catch (e) {
      // The password was right, and the second factor is asked for; only a wrong one is a problem.
      const asked = e instanceof Problem && e.details.second === true
      if (asked) setSecond(true)
      if (!asked || second) setProblem((e as Error).message)
    }
  }

  function submit(e: FormEvent) {
    e.preventDefault()
    // It may stand over a form that waits for somebody to sign in.
    e.stopPropagation()
    enter(answer(client.POST('/editor/api/session', { body: { signIn, password, code } })))
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
          problem={second ? '' : problem}
        />
        {second && (
          <Input
            label="Second factor"
            hint="The six digits your program for one-time passwords shows now, or a recovery code."
            value={code}
            onChange={(e) => setCode(e.target.value)}
            autoComplete="one-time-code"
            autoFocus
            required
            problem={problem}
          />
        )}
        <Button look="main" type="submit" className="justify-center">
          Sign in
        </Button>
      </form>
      {knowsPasskeys() && (
        <Button className="justify-center" onClick={() => enter(signInWithPasskey())}>
          Sign in with a passkey
        </Button>
      )}
    </div>
  )
}
