import { type FormEvent, useState } from 'react'
import { useOnce } from './useOnce'

/**
 * Sends a form, and keeps the sentence that says why it could not be taken.
 *
 * @param send sends it
 * @param done runs once it was taken
 */
export function useSubmit(send: () => Promise<unknown>, done: () => void) {
  const [problem, setProblem] = useState('')
  const once = useOnce()

  function submit(e?: FormEvent) {
    // A dialog is in the place of the page that opened it; its form must not send that one too.
    e?.preventDefault()
    e?.stopPropagation()
    return once(async () => {
      setProblem('')
      try {
        await send()
      } catch (error) {
        return setProblem((error as Error).message)
      }
      done()
    })
  }
  return { problem, submit }
}
