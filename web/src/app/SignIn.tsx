import { useRefresh } from '../shared/api/queries'
import type { Session } from '../shared/api/types'
import { SignInForm } from '../shared/ui/SignInForm'
import { useTitle } from '../shared/ui/useTitle'
import { Door } from './Door'

export function SignIn({ session }: { session: Session }) {
  const refresh = useRefresh()
  useTitle('Sign in')
  if (session.needsFirstAccount) {
    return (
      <Door
        title="Nobody has an account yet"
        about="The terminal in which Blenner was started shows an address. Open it to make the first account."
      >
        <p>The address works once and begins with /editor/first-account.</p>
      </Door>
    )
  }
  return (
    <Door title="Sign in" about="Sign in to write, check and publish.">
      <SignInForm session={session} onDone={refresh} />
    </Door>
  )
}
