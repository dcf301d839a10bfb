import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { on } from '../shared/form/change'

const KEY = ['sign-in-policy']

/** Whom the site asks for a second factor. Each press holds at once. */
export function SecondFactorOfRoles() {
  const queries = useQueryClient()
  const policy = useQuery({ queryKey: KEY, queryFn: () => answer(client.GET('/editor/api/sign-in-policy')) })
  const [problem, setProblem] = useState('')
  const [told, setTold] = useState('')
  if (!policy.data) return null
  const { roles, secondFor, revision } = policy.data

  async function ask(role: (typeof roles)[number], asked: boolean) {
    setProblem('')
    setTold('')
    const next = asked ? [...secondFor, role.role] : secondFor.filter((r) => r !== role.role)
    try {
      const params = { header: on(revision) }
      queries.setQueryData(
        KEY,
        await answer(client.PUT('/editor/api/sign-in-policy', { params, body: { secondFor: next } })),
      )
      setTold(
        asked
          ? `Every ${role.label.toLowerCase()} who has no second factor turns one on before going on.`
          : `A ${role.label.toLowerCase()} can sign in with a password alone.`,
      )
    } catch (error) {
      setProblem((error as Error).message)
      queries.invalidateQueries({ queryKey: KEY })
    }
  }

  return (
    <fieldset className="mt-4 grid gap-1.5">
      <legend className="mb-1 font-semibold">Who must sign in with a second factor</legend>
      <p className="text-soft">
        Besides the password, six digits that a program on their phone shows. Who has none yet is asked to turn it on
        and can do nothing else until then.
      </p>
      {roles.map((r) => (
        <label key={r.role} className="flex items-center gap-2">
          <input type="checkbox" checked={secondFor.includes(r.role)} onChange={(e) => ask(r, e.target.checked)} />
          Every {r.label.toLowerCase()}
        </label>
      ))}
      <p role="status">{told}</p>
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
    </fieldset>
  )
}
