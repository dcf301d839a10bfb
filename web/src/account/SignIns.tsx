import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import type { SignInView } from '../shared/api/types'
import { Button, TextButton } from '../shared/ui/Button'
import { moment } from '../shared/ui/time'

/** Where somebody is signed in, each to be ended. */
export function SignIns({ all }: { all: SignInView[] }) {
  const refresh = useRefresh()
  const [problem, setProblem] = useState('')

  async function end(work: Promise<unknown>) {
    setProblem('')
    try {
      await work
    } catch (e) {
      setProblem((e as Error).message)
    }
    refresh()
  }

  return (
    <section className="grid gap-3" aria-label="Where you are signed in">
      <h2 className="font-semibold font-serif text-large">Where you are signed in</h2>
      <p className="text-soft">
        A sign-in ends by itself after 12 hours without you, after seven days at most, and when you change your
        password.
      </p>
      <ul className="border-line border-t">
        {all.map((s) => (
          <li key={s.id} className="flex flex-wrap items-baseline gap-x-3 border-line border-b py-2">
            <span className="font-semibold">{s.here ? 'Here' : browserOf(s.browser)}</span>
            <span className="text-soft">
              from {s.address}, since {moment(s.began)}, last seen {moment(s.seen)}
            </span>
            {!s.here && (
              <span className="ml-auto">
                <TextButton
                  onClick={() =>
                    end(answer(client.DELETE('/editor/api/me/sign-ins/{id}', { params: { path: { id: s.id } } })))
                  }
                >
                  Sign out there
                </TextButton>
              </span>
            )}
          </li>
        ))}
      </ul>
      {all.length > 1 && (
        <Button className="justify-self-start" onClick={() => end(answer(client.DELETE('/editor/api/me/sign-ins')))}>
          Sign out everywhere else
        </Button>
      )}
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
    </section>
  )
}

/** A browser's long line about itself, as a word people know; the line itself where there is none. */
function browserOf(line: string) {
  const known = [
    ['Firefox/', 'Firefox'],
    ['Edg/', 'Edge'],
    ['Chrome/', 'Chrome'],
    ['Safari/', 'Safari'],
  ].find(([sign]) => line.includes(sign))
  return known?.[1] ?? (line.slice(0, 40) || 'Some program')
}
