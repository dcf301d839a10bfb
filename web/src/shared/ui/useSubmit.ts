import { type FormEvent, useRef, useState } from 'react'

/**
 * Sends a form, and keeps the sentence that says why it could not be taken.
 *
 * @param send sends it
 * @param done runs once it was taken
 */
export function useSubmit(send: () => Promise<unknown>, done: () => void) {
  const [problem, setProblem] = useState('')
  const busy = useRef(false)

  async function submit(e?: FormEvent) {
    // A dialog stands in the place of the page that opened it; its form must not send that one too.
    e?.preventDefault()
    e?.stopPropagation()
    // Pressed again while it is on its way, it must not be sent twice.
    if (busy.current) return
    busy.current = true
    setProblem('')
    try {
      await send()
    } catch (error) {
      setProblem((error as Error).message)
      return
    } finally {
      busy.current = false
    }
    done()
  }
  return { problem, submit }
}
