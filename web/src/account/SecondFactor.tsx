import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import type { SecondOffer } from '../shared/api/types'
import { useForm } from '../shared/form/useForm'
import { Button } from '../shared/ui/Button'
import { Input } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'

/** The second factor: on and off, and the codes for whoever has lost it. */
export function SecondFactor({ on, left }: { on: boolean; left: number }) {
  const [offer, setOffer] = useState<SecondOffer | null>(null)
  const [codes, setCodes] = useState<string[]>([])
  const [turningOff, setTurningOff] = useState(false)
  const [asking, setAsking] = useState(false)

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
          <>
            <Button onClick={() => setTurningOff(true)}>Turn it off</Button>
            <Button onClick={() => setAsking(true)}>Take another key</Button>
          </>
        ) : (
          <Button onClick={() => setAsking(true)}>Turn it on</Button>
        )}
      </p>
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
      {asking && (
        <Sure
          on={on}
          onClose={() => setAsking(false)}
          onOffer={(offered) => {
            setAsking(false)
            setOffer(offered)
          }}
        />
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

interface SureProps {
  on: boolean
  onClose: () => void
  onOffer: (offer: SecondOffer) => void
}

/** Nobody who finds a screen that was left open changes how its owner signs in. */
function Sure({ on, onClose, onOffer }: SureProps) {
  const form = useForm('second-factor-sure', {
    stored: { password: '', code: '' },
    send: (body) => answer(client.POST('/editor/api/me/second-factor', { body })),
    done: onOffer,
    secret: true,
  })
  return (
    <FormDialog
      form={form}
      title={on ? 'Another key' : 'Turn the second factor on'}
      about={
        on
          ? 'Your current key works until you have typed the digits of the new one.'
          : 'First your password, so that nobody else turns it on for you.'
      }
      does="Go on"
      onClose={onClose}
    >
      <Proof value={form.value} set={form.set} on={on} />
    </FormDialog>
  )
}

interface ProofProps {
  value: { password: string; code: string }
  set: (part: { password?: string; code?: string }) => void
  on: boolean
}

/** What somebody types to show that it is they who change how they sign in. */
export function Proof({ value, set, on }: ProofProps) {
  return (
    <>
      <Input
        label="Your password"
        type="password"
        value={value.password}
        onChange={(e) => set({ password: e.target.value })}
        autoComplete="current-password"
        required
      />
      {on && (
        <Input
          label="Six digits, or a recovery code"
          value={value.code}
          onChange={(e) => set({ code: e.target.value })}
          autoComplete="one-time-code"
          required
        />
      )}
    </>
  )
}

interface TurnOnProps {
  offer: SecondOffer
  onClose: () => void
  onCodes: (codes: string[]) => void
}

function TurnOn({ offer, onClose, onCodes }: TurnOnProps) {
  const refresh = useRefresh()
  const form = useForm('second-factor', {
    stored: { digits: '' },
    send: ({ digits }) => answer(client.PUT('/editor/api/me/second-factor', { body: { digits } })),
    done: async ({ codes }) => {
      await refresh()
      onCodes(codes)
    },
    secret: true,
  })
  return (
    <FormDialog
      title="Turn the second factor on"
      about="Put this key into a program for one-time passwords, then type the digits it shows."
      does="Turn it on"
      form={form}
      quiet
      onClose={onClose}
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
        value={form.value.digits}
        onChange={(e) => form.set({ digits: e.target.value })}
        inputMode="numeric"
        autoComplete="one-time-code"
        required
        problem={form.problem}
      />
    </FormDialog>
  )
}

function TurnOff({ onClose, onDone }: { onClose: () => void; onDone: () => void }) {
  const refresh = useRefresh()
  const form = useForm('second-factor-off', {
    stored: { password: '', code: '' },
    send: (body) => answer(client.POST('/editor/api/me/second-factor/off', { body })),
    done: async () => {
      await refresh()
      onDone()
    },
    secret: true,
  })
  return (
    <FormDialog form={form} title="Turn the second factor off" does="Turn it off" onClose={onClose}>
      <Proof value={form.value} set={form.set} on />
    </FormDialog>
  )
}
