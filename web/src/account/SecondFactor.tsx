import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import type { SecondOffer } from '../shared/api/types'
import { Button } from '../shared/ui/Button'
import { Input } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { useSubmit } from '../shared/ui/useSubmit'

/** The second factor: on and off, and the codes for whoever has lost it. */
export function SecondFactor({ on, left }: { on: boolean; left: number }) {
  const [offer, setOffer] = useState<SecondOffer | null>(null)
  const [codes, setCodes] = useState<string[]>([])
  const [turningOff, setTurningOff] = useState(false)
  const [problem, setProblem] = useState('')

  async function begin() {
    setProblem('')
    try {
      setOffer(await answer(client.POST('/editor/api/me/second-factor')))
    } catch (e) {
      setProblem((e as Error).message)
    }
  }

  return (
    <section className="grid gap-3" aria-label="Second factor">
      <h2 className="font-semibold font-serif text-large">Second factor</h2>
      <p className="text-soft">
        Besides your password, six digits that a program on your phone shows: whoever learns your password alone does
        not get in.
      </p>
      <p className="flex items-center gap-3">
        <span>{on ? `On; ${left} recovery codes are left.` : 'Off.'}</span>
        {on ? (
          <Button onClick={() => setTurningOff(true)}>Turn it off</Button>
        ) : (
          <Button onClick={begin}>Turn it on</Button>
        )}
      </p>
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
      {codes.length > 0 && (
        <div role="status" className="grid gap-2 border border-line bg-sheet px-3 py-2">
          <p>
            <strong>Keep these codes where you find them without your phone.</strong> Each lets you in once, and they
            are not shown again.
          </p>
          <ul className="grid grid-cols-2 gap-x-6 font-mono">
            {codes.map((c) => (
              <li key={c}>{c}</li>
            ))}
          </ul>
        </div>
      )}
      {offer && (
        <TurnOn
          offer={offer}
          onClose={() => setOffer(null)}
          onCodes={(c) => {
            setCodes(c)
            setOffer(null)
          }}
        />
      )}
      {turningOff && (
        <TurnOff
          onClose={() => setTurningOff(false)}
          onDone={() => {
            setCodes([])
            setTurningOff(false)
          }}
        />
      )}
    </section>
  )
}

interface TurnOnProps {
  offer: SecondOffer
  onClose: () => void
  onCodes: (codes: string[]) => void
}

function TurnOn({ offer, onClose, onCodes }: TurnOnProps) {
  const [digits, setDigits] = useState('')
  const refresh = useRefresh()
  const { problem, submit } = useSubmit(
    async () => {
      const { codes } = await answer(
        client.PUT('/editor/api/me/second-factor', { body: { secret: offer.secret, password: digits } }),
      )
      await refresh()
      onCodes(codes)
    },
    () => {},
  )
  return (
    <FormDialog
      title="Turn the second factor on"
      about="Put this key into a program for one-time passwords, then type the digits it shows."
      does="Turn it on"
      onClose={onClose}
      onSubmit={submit}
    >
      <p>
        <span className="font-semibold">Key</span>{' '}
        <code className="select-all break-all">{offer.secret.replace(/(.{4})/g, '$1 ')}</code>
      </p>
      <p>
        <a href={offer.uri} className="text-petrol underline">
          Open it in a program on this device
        </a>
      </p>
      <Input
        label="Six digits"
        value={digits}
        onChange={(e) => setDigits(e.target.value)}
        inputMode="numeric"
        autoComplete="one-time-code"
        required
        problem={problem}
      />
    </FormDialog>
  )
}

function TurnOff({ onClose, onDone }: { onClose: () => void; onDone: () => void }) {
  const [password, setPassword] = useState('')
  const refresh = useRefresh()
  const { problem, submit } = useSubmit(
    async () => {
      await answer(client.POST('/editor/api/me/second-factor/off', { body: { password } }))
      await refresh()
    },
    () => onDone(),
  )
  return (
    <FormDialog title="Turn the second factor off" does="Turn it off" onClose={onClose} onSubmit={submit}>
      <Input
        label="Your password"
        type="password"
        value={password}
        onChange={(e) => setPassword(e.target.value)}
        autoComplete="current-password"
        required
        problem={problem}
      />
    </FormDialog>
  )
}
