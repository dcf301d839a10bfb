import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { answer, client } from '../api/client'
import { TextButton } from './Button'
import { Input } from './Field'

const WORDS = [
  'Guessed at once.',
  'Guessed soon, or too short.',
  'It could be harder to guess.',
  'Hard to guess.',
  'Very hard to guess.',
]
const PAUSE = 300

interface Props {
  label: string
  value: string
  change: (password: string) => void
  /** What its person signs in with, which nobody should use. */
  signIn: string
  problem: string
}

/** A new password, with how hard it is to guess, and a look at it for whoever wants one. */
export function PasswordInput({ label, value, change, signIn, problem }: Props) {
  const [shown, setShown] = useState(false)
  const [still, setStill] = useState('')
  useEffect(() => {
    const timer = setTimeout(() => setStill(value), PAUSE)
    return () => clearTimeout(timer)
  }, [value])
  const strength = useQuery({
    queryKey: ['strength', still, signIn],
    queryFn: () =>
      answer(client.POST('/editor/api/session/strength', { body: { password: still, signIn: signIn.slice(0, 80) } })),
    enabled: still !== '' && still.length <= 200,
    gcTime: 0,
  })
  const score = still === '' ? undefined : strength.data?.score
  return (
    <div className="grid gap-1">
      <Input
        label={label}
        type={shown ? 'text' : 'password'}
        hint="At least 12 characters; a few words in a row are easy to keep in mind."
        value={value}
        onChange={(e) => change(e.target.value)}
        autoComplete="new-password"
        required
        problem={problem}
      />
      <div className="flex items-center gap-3">
        {score !== undefined && (
          <>
            <meter min={0} max={4} value={score} aria-label="How hard it is to guess" className="w-28" />
            <span aria-live="polite">{WORDS[score]}</span>
          </>
        )}
        <span className="ml-auto">
          <TextButton onClick={() => setShown(!shown)}>{shown ? 'Hide the password' : 'Show the password'}</TextButton>
        </span>
      </div>
    </div>
  )
}
