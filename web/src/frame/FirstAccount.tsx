import { useState } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { api } from '../api/client'
import { useRefresh } from '../api/queries'
import { Button } from '../ui/Button'
import { useSubmit } from '../ui/useSubmit'
import { Door } from './Door'
import { PersonFields } from './PersonFields'
import { useTitle } from './title'

/** Where the first person makes their account, at the address shown in the terminal. */
export function FirstAccount() {
  const [params] = useSearchParams()
  const navigate = useNavigate()
  const refresh = useRefresh()
  const [given, setGiven] = useState({ name: '', signIn: '', password: '' })
  useTitle('First account')
  const { problem, submit } = useSubmit(
    async () => {
      await api.post('/session/first-account', { word: params.get('word') ?? '', ...given })
      await refresh()
    },
    () => navigate('/set-up'),
  )

  return (
    <Door title="Make the first account" about="You will be an editor: you can write, put live, and add other people.">
      <form onSubmit={submit} className="grid gap-4">
        <PersonFields
          person={given}
          change={setGiven}
          nameHint="Others see it, and it stands under what you write."
          problem={problem}
        />
        <Button look="main" type="submit" className="justify-center">
          Make the account
        </Button>
      </form>
    </Door>
  )
}
