import { useQuery, useQueryClient } from '@tanstack/react-query'
import { api } from '../api/client'
import type { Session } from '../api/types'
import { SignInForm } from '../frame/SignInForm'
import { Dialog } from '../ui/Dialog'

/** Signs in again in place; the text stays where it is. */
export function SignInAgain({ onDone }: { onDone: () => void }) {
  const client = useQueryClient()
  // Also fetches the token that the next request must carry.
  const session = useQuery({ queryKey: ['session-again'], queryFn: () => api.get<Session>('/session'), gcTime: 0 })
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
          client.setQueryData<Session>(['session'], (was) => (was ? { ...was, person } : was))
          onDone()
        }}
      />
    </Dialog>
  )
}
