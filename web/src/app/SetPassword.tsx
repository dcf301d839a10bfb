import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { answer, client } from '../shared/api/client'
import { Button } from '../shared/ui/Button'
import { PasswordInput } from '../shared/ui/PasswordInput'
import { useSubmit } from '../shared/ui/useSubmit'
import { useTitle } from '../shared/ui/useTitle'
import { Door } from './Door'

/** Where a one-time link leads: somebody sets their password, and signs in with it. */
export function SetPassword() {
  const [params] = useSearchParams()
  const word = params.get('word') ?? ''
  const [password, setPassword] = useState('')
  const [done, setDone] = useState(false)
  useTitle('Set your password')
  const whose = useQuery({
    queryKey: ['link', word],
    queryFn: () => answer(client.POST('/editor/api/session/link', { body: { word } })),
    retry: false,
  })
  const { problem, submit } = useSubmit(
    () => answer(client.POST('/editor/api/session/link/password', { body: { word, password } })),
    () => setDone(true),
  )
  if (whose.isError && !done)
    return (
      <Door title="This link does not work" about={whose.error.message}>
        <Link to="/worklist" className="text-petrol underline">
          To the sign-in
        </Link>
      </Door>
    )
  if (!whose.data) return null
  const { name, signIn } = whose.data
  if (done)
    return (
      <Door title="Your password is set" about={`Sign in as “${signIn}” with it.`}>
        <Link to="/worklist" className="text-petrol underline">
          To the sign-in
        </Link>
      </Door>
    )
  return (
    <Door title="Set your password" about={`For ${name}, who signs in as “${signIn}”.`}>
      <form onSubmit={submit} className="grid gap-4">
        <input type="hidden" name="username" autoComplete="username" value={signIn} readOnly />
        <PasswordInput label="New password" value={password} change={setPassword} signIn={signIn} problem={problem} />
        <Button look="main" type="submit" className="justify-center">
          Set the password
        </Button>
      </form>
    </Door>
  )
}
