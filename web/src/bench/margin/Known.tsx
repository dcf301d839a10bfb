import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { useRight } from '../../shared/api/queries'
import { EVERY, holds, withRule } from '../../shared/api/standards'
import type { Finding, KindRules } from '../../shared/api/types'
import { changeOn, on } from '../../shared/form/change'
import { readOwn, setOwn } from '../../shared/store/own'
import { TextButton } from '../../shared/ui/Button'
import { useBench } from '../state/context'

/** Teaches a word that no dictionary has: to oneself, or to the whole house. */
export function Known({ finding: { words, rule } }: { finding: Finding }) {
  const { saver } = useBench()
  const queries = useQueryClient()
  const maySetUp = useRight('SET_UP')
  const [problem, setProblem] = useState('')
  if (!words) return null

  async function own() {
    const before = readOwn<string[]>('words', [])
    await setOwn('words', [...before.filter((w) => w !== words), words])
    await saver.lookAgain()
  }

  function taught(kinds: KindRules[]) {
    // A kind with a setting of its own has a list of its own.
    const names = new Set([EVERY, ...kinds.filter((k) => k.rules.some((r) => r.rule === rule)).map((k) => k.kind)])
    return [...names].reduce((all, kind) => {
      const setting = holds(all, kind, rule)
      const known = [...setting.words.filter((w) => w !== words), words as string]
      return withRule(all, kind, rule, { ...setting, words: known })
    }, kinds)
  }

  async function house() {
    setProblem('')
    try {
      const rules = await answer(client.GET('/editor/api/rules'))
      await changeOn(rules, 'any', ({ kinds, revision }) =>
        answer(client.PUT('/editor/api/rules', { params: { header: on(revision) }, body: { kinds: taught(kinds) } })),
      )
      await queries.invalidateQueries({ queryKey: ['rules'] })
      await saver.lookAgain()
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  return (
    <>
      <TextButton onClick={own} aria-label={`I know “${words}”`}>
        I know this word
      </TextButton>
      {maySetUp && (
        <TextButton onClick={house} aria-label={`The house knows “${words}”`}>
          The house knows it
        </TextButton>
      )}
      {problem && (
        <span role="alert" className="w-full text-rust">
          {problem}
        </span>
      )}
    </>
  )
}
