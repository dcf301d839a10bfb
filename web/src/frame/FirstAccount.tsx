import { type FormEvent, useState } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { api } from '../api/client'
import { useRefresh } from '../api/queries'
import { Button } from '../ui/Button'
import { Input } from '../ui/Field'
import { Door } from './Door'
import { useTitle } from './title'

/** Where the first person makes their account, at the address shown in the terminal. */
export function FirstAccount() {
  const [params] = useSearchParams()
  const navigate = useNavigate()
  const refresh = useRefresh()
  const [given, setGiven] = useState({ name: '', signIn: '', password: '' })
  const [problem, setProblem] = useState('')
  useTitle('First account')

  async function submit(e: FormEvent) {
    e.preventDefault()
    setProblem('')
    try {
      await api.post('/session/first-account', { word: params.get('word') ?? '', ...given })
      await refresh()
      navigate('/set-up')
    } catch (error) {
      setProblem((error as Error).message)
    }
  }
  const set = (field: keyof typeof given) => (e: { target: { value: string } }) =>
    setGiven({ ...given, [field]: e.target.value })

  return (
    <Door title="Make the first account" about="You will be an editor: you can write, put live, and add other people.">
      <form onSubmit={submit} className="grid gap-4">
        <Input
          label="Your name"
          hint="Others see it, and it stands under what you write."
          value={given.name}
          onChange={set('name')}
          autoComplete="name"
          required
        />
        <Input label="Sign-in name" value={given.signIn} onChange={set('signIn')} autoComplete="username" required />
        <Input
          label="Password"
          type="password"
          hint="At least 10 characters."
          value={given.password}
          onChange={set('password')}
          autoComplete="new-password"
          required
          problem={problem}
        />
        <Button look="main" type="submit" className="justify-center">
          Make the account
        </Button>
      </form>
    </Door>
  )
}
