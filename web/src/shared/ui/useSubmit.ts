import { type FormEvent, useState } from 'react'

/**
 * Sends a form, and keeps the sentence that says why it could not be taken.
 *
 * @param send sends it
 * @param done runs once it was taken
 */
export function useSubmit(send: () => Promise<unknown>, done: () => void) {
  const [problem, setProblem] = useState('')

  async function submit(e?: FormEvent) {
    // A dialog stands in the place of the page that opened it; its form must not send that one too.
    e?.preventDefault()
    e?.stopPropagation()
    setProblem('')
    try {
      await send()
    } catch (error) {
      setProblem((error as Error).message)
      return
    }
    done()
  }
  return { problem, submit }
}
