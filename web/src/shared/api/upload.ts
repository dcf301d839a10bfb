import { Problem, problemIn, sentWith, Unreachable } from './client'
import type { Added } from './types'

/** A file on its way. */
export interface Upload {
  /** What became of it. */
  done: Promise<Added>
  stop: () => void
}

/** Somebody stopped it. */
export class Stopped extends Error {}

/**
 * Sends a file, and tells how much of it is there. `fetch` tells nothing of what it has sent, hence the older way.
 *
 * @param progress is told how many bytes have gone
 */
export function upload(file: File, progress: (sent: number) => void): Upload {
  const request = new XMLHttpRequest()
  const done = new Promise<Added>((resolve, reject) => {
    const form = new FormData()
    form.append('file', file)
    const send = () => {
      request.open('POST', '/editor/api/assets?ask=true')
      for (const [name, value] of Object.entries(sentWith())) request.setRequestHeader(name, value)
      request.send(form)
    }
    let again = true
    request.upload.onprogress = (e) => progress(e.loaded)
    request.onload = async () => {
      if (request.status === 201) return resolve(JSON.parse(request.responseText))
      if (request.status === 403 && again && !request.responseText.includes('"detail"')) {
        // The token is gone or old; asking who is here brings a new one.
        again = false
        await fetch('/editor/api/session').catch(() => {})
        return send()
      }
      reject(problemIn(request.status, request.responseText))
    }
    request.onerror = () => reject(new Unreachable())
    request.onabort = () => reject(new Stopped())
    send()
  })
  return { done, stop: () => request.abort() }
}

/** Whether a problem asks what is to become of a file whose name is there already. */
export function asksWhich(error: unknown): error is Problem {
  return error instanceof Problem && error.status === 409 && 'existing' in error.details
}
