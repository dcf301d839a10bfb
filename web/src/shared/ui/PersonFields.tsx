import { Input } from './Field'
import { PasswordInput } from './PasswordInput'

export interface NewPerson {
  name: string
  signIn: string
  password: string
}

interface Props<P extends NewPerson> {
  person: P
  change: (person: P) => void
  nameHint: string
  problem: string
}

/** The name, sign-in name and password of somebody who gets an account. */
export function PersonFields<P extends NewPerson>({ person, change, nameHint, problem }: Props<P>) {
  const set = (field: keyof NewPerson) => (e: { target: { value: string } }) =>
    change({ ...person, [field]: e.target.value })
  return (
    <>
      <Input label="Name" hint={nameHint} value={person.name} onChange={set('name')} autoComplete="name" required />
      <Input label="Sign-in name" value={person.signIn} onChange={set('signIn')} autoComplete="username" required />
      <PasswordInput
        label="Password"
        value={person.password}
        change={(password) => change({ ...person, password })}
        signIn={person.signIn}
        problem={problem}
      />
    </>
  )
}
