import { useState } from 'react'
import { windowPerson } from '../api/person'
import { dropDraft, keepDraft, readDraft } from './drafts'

/**
 * Words that somebody types before they become part of a form or a text: an address to be added, a name not ended yet. They
 * are kept in this browser like a form's, and forgotten once there are none.
 *
 * @param name what is typed, so that each field has its own
 */
export function useTyped(name: string): [string, (words: string) => void] {
  const person = windowPerson()?.id ?? 0
  const form = `typed:${name}`
  const [words, setWords] = useState(() => readDraft<string>(person, form)?.value ?? '')
  const [of, setOf] = useState(form)
  if (of !== form) {
    setOf(form)
    setWords(readDraft<string>(person, form)?.value ?? '')
  }
  return [
    words,
    (next) => {
      const at = Date.now()
      if (next) keepDraft(person, form, { base: '', revision: '', value: next, at })
      else dropDraft(person, form, at)
      setWords(next)
    },
  ]
}
