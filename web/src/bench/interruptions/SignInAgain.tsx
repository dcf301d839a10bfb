import { useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, client } from '../../shared/api/client'
import type { Session } from '../../shared/api/types'
import { Dialog } from '../../shared/ui/Dialog'
import { SignInForm } from '../../shared/ui/SignInForm'

/** Signs in again in place; the text stays where it is. */
export function SignInAgain({ onDone }: { onDone: () => void }) {
  const queries = useQueryClient()
  // Also fetches the token that the next request must carry.
  const session = useQuery({
    queryKey: ['session-again'],
    queryFn: () => answer(client.GET('/editor/api/session')),
    gcTime: 0,
  })
  return (
    <Dialog
      open
      firm
      onClose={() => {}}
      title="You are signed out"
      about="What you wrote is still here. Sign in, and it is saved at once."
    >
      <SignInForm
        session={session.data}
        onDone={(person) => {
          queries.setQueryData<Session>(['session'], (was) => (was ? { ...was, person } : was))
          onDone()
        }}
      />
    </Dialog>
  )
}
