import { type DetailedError, Upload as Sending } from 'tus-js-client'
import { answer, client, Problem, problemIn, sentWith, Unreachable } from './client'
import type { Added } from './types'

/** A file on its way. */
export interface Upload<T> {
  /** What became of it. */
  done: Promise<T>
  /** Ends it; what has gone stays there for a day, and is not sent again. */
  stop: () => void
}

/** How a file is sent. */
export interface Told {
  /** How many bytes have gone. */
  sent?: (bytes: number) => void
  /** That the line is broken, and that it is tried again. */
  waits?: () => void
}

/** Somebody stopped it. */
export class Stopped extends Error {}

/** No file may be larger, in bytes. */
const LARGEST = 500_000_000

/** Milliseconds before each new try, where the line breaks. */
const TRIES = [300, 1000, 3000, 5000, 10_000, 20_000]

/** A part may be refused because the token is old, or because the server has not noticed that the line broke. */
function triedAgain(error: Error | DetailedError): boolean {
  const status = 'originalResponse' in error ? (error.originalResponse?.getStatus() ?? 0) : 0
  if (status === 403) fetch('/editor/api/session').catch(() => {})
  return status < 400 || status >= 500 || [403, 409, 423].includes(status)
}

function meaning(error: Error | DetailedError): Error {
  const reply = 'originalResponse' in error ? error.originalResponse : null
  if (!reply || reply.getStatus() < 400) return new Unreachable()
  return problemIn(reply.getStatus(), reply.getBody())
}

/**
 * Sends a file by the protocol tus, so that it goes on where it was when the line broke or somebody stopped it.
 *
 * @param use does something with what has come, by the name it has there
 */
export function upload<T>(file: File, use: (upload: string) => Promise<T>, told: Told = {}): Upload<T> {
  let sending: Sending | undefined
  let stop = () => {}
  const done = new Promise<T>((resolve, reject) => {
    stop = () => {
      sending?.abort()
      reject(new Stopped())
    }
    if (file.size > LARGEST) {
      return reject(new Problem(413, `“${file.name}” is too large: a file may have 500 MB.`, {}))
    }
    sending = new Sending(file, {
      endpoint: '/editor/api/uploads',
      retryDelays: TRIES,
      removeFingerprintOnSuccess: true,
      metadata: { filename: file.name },
      onBeforeRequest: (request) => {
        for (const [name, value] of Object.entries(sentWith())) request.setHeader(name, value)
      },
      onProgress: (bytes) => told.sent?.(bytes),
      onShouldRetry: (error) => {
        const again = triedAgain(error)
        if (again) told.waits?.()
        return again
      },
      onError: (error) => reject(meaning(error)),
      onSuccess: () => use(sending?.url?.split('/').at(-1) ?? '').then(resolve, reject),
    })
    begin(sending).catch(reject)
  })
  return { done, stop }
}

async function begin(sending: Sending) {
  const [before] = await sending.findPreviousUploads().catch(() => [])
  if (before) sending.resumeFromPreviousUpload(before)
  sending.start()
}

/** How a file becomes an asset. */
export interface How {
  /** Whether somebody is there who can choose where its name is there already; else both are kept. */
  ask: boolean
  /** Whether where and with what a picture was taken stays in it. */
  whole: boolean
}

/** Makes an asset of a file. */
export function bringFileIn(file: File, how: How, told?: Told): Upload<Added> {
  return upload(file, (sent) => answer(client.POST('/editor/api/assets', { body: { upload: sent, ...how } })), told)
}

/** Whether a problem asks what is to become of a file whose name is there already. */
export function asksWhich(error: unknown): error is Problem {
  return error instanceof Problem && error.status === 409 && 'existing' in error.details
}
