import { useState } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import { Button } from '../shared/ui/Button'
import { PersonFields } from '../shared/ui/PersonFields'
import { useSubmit } from '../shared/ui/useSubmit'
import { useTitle } from '../shared/ui/useTitle'
import { Door } from './Door'

/** Where the first person makes their account, at the address shown in the terminal. */
export function FirstAccount() {
  const [params] = useSearchParams()
  const navigate = useNavigate()
  const refresh = useRefresh()
  const [given, setGiven] = useState({ name: '', signIn: '', password: '' })
  useTitle('First account')
  const { problem, submit } = useSubmit(
    async () => {
      await answer(
        client.POST('/editor/api/session/first-account', { body: { word: params.get('word') ?? '', ...given } }),
      )
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
