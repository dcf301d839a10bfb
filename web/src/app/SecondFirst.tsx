import { Passkeys } from '../account/Passkeys'
import { SecondFactor } from '../account/SecondFactor'
import { answer, client } from '../shared/api/client'
import { useRefresh, useSession } from '../shared/api/queries'
import { Button } from '../shared/ui/Button'
import { useTitle } from '../shared/ui/useTitle'
import { Door } from './Door'

/** Where somebody turns on the second factor that the site asks for, before anything else. */
export function SecondFirst({ onDone }: { onDone: () => void }) {
  const refresh = useRefresh()
  const owes = useSession().data?.owesSecond
  useTitle('A second factor')
  async function leave() {
    await answer(client.DELETE('/editor/api/session')).catch(() => {})
    onDone()
    refresh()
  }
  return (
    <Door
      title="One more step to sign in"
      about="This site asks you for a second factor. What you wrote is kept; you go on where you were."
    >
      <SecondFactor on={!owes} left={10} />
      {owes && <Passkeys second={false} />}
      <p className="flex gap-3">
        <Button
          look="main"
          blocked={owes ? 'Turn the second factor on, or add a passkey, first.' : ''}
          onClick={() => {
            onDone()
            refresh()
          }}
        >
          Go on
        </Button>
        <Button onClick={leave}>Sign out</Button>
      </p>
    </Door>
  )
}
