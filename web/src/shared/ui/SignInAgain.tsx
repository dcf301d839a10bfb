import { useQuery } from '@tanstack/react-query'
import { answer, client } from '../api/client'
import type { Person } from '../api/types'
import { Dialog } from './Dialog'
import { SignInForm } from './SignInForm'

interface Props {
  onDone: (person: Person) => void
  onClose: () => void
}

/** Signs in again in place; the text stays where it is. */
export function SignInAgain({ onDone, onClose }: Props) {
  // Also fetches the token that the next request must carry.
  const session = useQuery({
    queryKey: ['session-again'],
    queryFn: () => answer(client.GET('/editor/api/session')),
    gcTime: 0,
  })
  return (
    <Dialog open onClose={onClose} title="Sign in again" about="What you wrote is still here. It is saved at once.">
      <SignInForm session={session.data} onDone={onDone} />
    </Dialog>
  )
}
