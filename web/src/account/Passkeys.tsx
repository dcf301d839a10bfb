import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import type { Passkey } from '../shared/api/types'
import { useForm } from '../shared/form/useForm'
import { Button, TextButton } from '../shared/ui/Button'
import { Input } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { addPasskey, knowsPasskeys } from '../shared/ui/passkeys'
import { moment } from '../shared/ui/time'
import { Proof } from './SecondFactor'

/** The passkeys somebody signs in with: added, and removed. */
export function Passkeys({ second }: { second: boolean }) {
  const all = useQuery({ queryKey: ['passkeys'], queryFn: () => answer(client.GET('/editor/api/me/passkeys')) })
  const [doing, setDoing] = useState<'add' | Passkey | null>(null)
  return (
    <section className="grid gap-3" aria-label="Passkeys">
      <h2 className="font-semibold font-serif text-large">Passkeys</h2>
      <p className="text-soft">
        A passkey is kept by your phone, computer or security key, which opens it with a fingerprint, a face or a PIN.
        You sign in with it alone, without a password.
      </p>
      {!!all.data?.length && (
        <ul className="border-line border-t">
          {all.data.map((p) => (
            <li key={p.id} className="flex flex-wrap items-baseline gap-x-3 border-line border-b py-2">
              <span className="font-semibold">{p.name}</span>
              <span className="text-soft">
                added {moment(p.madeAt)}, {p.usedAt ? `last used ${moment(p.usedAt)}` : 'not used yet'}
              </span>
              <span className="ml-auto">
                <TextButton aria-label={`Remove the passkey ${p.name}`} onClick={() => setDoing(p)}>
                  Remove
                </TextButton>
              </span>
            </li>
          ))}
        </ul>
      )}
      <Button
        className="justify-self-start"
        blocked={knowsPasskeys() ? '' : 'This browser does not know passkeys.'}
        onClick={() => setDoing('add')}
      >
        Add a passkey
      </Button>
      {doing === 'add' && <Add second={second} onClose={() => setDoing(null)} />}
      {doing && doing !== 'add' && <Remove passkey={doing} second={second} onClose={() => setDoing(null)} />}
    </section>
  )
}

function Add({ second, onClose }: { second: boolean; onClose: () => void }) {
  const refresh = useRefresh()
  const form = useForm('passkey-new', {
    stored: { name: '', password: '', code: '' },
    send: ({ name, ...sure }) => addPasskey(name, sure),
    done: () => {
      refresh()
      onClose()
    },
    secret: true,
  })
  return (
    <FormDialog
      title="Add a passkey"
      about="Your browser asks next on which device to keep it."
      does="Add the passkey"
      form={form}
      onClose={onClose}
    >
      <Input
        label="Name"
        hint="Such as the device it is on."
        value={form.value.name}
        onChange={(e) => form.set({ name: e.target.value })}
        maxLength={100}
        required
      />
      <Proof on={second} value={form.value} set={form.set} />
    </FormDialog>
  )
}

function Remove({ passkey, second, onClose }: { passkey: Passkey; second: boolean; onClose: () => void }) {
  const refresh = useRefresh()
  const form = useForm('passkey-removed', {
    stored: { password: '', code: '' },
    send: (sure) => answer(client.POST('/editor/api/me/passkeys/removal', { body: { id: passkey.id, sure } })),
    done: () => {
      refresh()
      onClose()
    },
    secret: true,
  })
  return (
    <FormDialog
      title={`Remove the passkey “${passkey.name}”?`}
      about="It does not sign you in any more. Remove it on the device as well."
      does="Remove the passkey"
      form={form}
      onClose={onClose}
    >
      <Proof on={second} value={form.value} set={form.set} />
    </FormDialog>
  )
}
