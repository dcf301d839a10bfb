import createClient from 'openapi-fetch'
import { windowPerson } from './person'
import type { paths } from './schema'

/** What went wrong, in the server's own sentence (RFC 9457). */
export class Problem extends Error {
  constructor(
    readonly status: number,
    sentence: string,
    readonly details: Record<string, unknown>,
  ) {
    super(sentence)
  }
}

/** The server could not be reached at all. */
export class Unreachable extends Error {
  constructor() {
    super('The server does not answer.')
  }
}

function csrfToken(): string {
  return decodeURIComponent(document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]*)/)?.[1] ?? '')
}

async function reach(request: Request): Promise<Response> {
  try {
    return await fetch(request)
  } catch {
    throw new Unreachable()
  }
}

/** What a body tells that came with an answer that is not good. */
export function problemIn(status: number, body: string): Problem {
  let details: Record<string, unknown> = {}
  try {
    details = JSON.parse(body)
  } catch {
    // An answer that is no problem detail comes from something in between.
  }
  const said = typeof details.detail === 'string' ? details.detail : 'The server could not do this.'
  // The number leads whoever looks after the server to its lines in the log.
  const sentence = status >= 500 && details.request ? `${said} (Request ${details.request})` : said
  return new Problem(status, sentence, details)
}

/** What every change is sent with: the token, and whose window it is. */
export function sentWith(): Record<string, string> {
  const person = windowPerson()
  return { 'X-XSRF-TOKEN': csrfToken(), ...(person && { 'X-Blenner-Person': String(person.id) }) }
}

/** Sends a request with the token that goes with every change, and throws whatever is no good answer. */
async function send(request: Request): Promise<Response> {
  const spare = request.clone()
  const person = windowPerson()
  for (const r of [request, spare]) if (person) r.headers.set('X-Blenner-Person', String(person.id))
  request.headers.set('X-XSRF-TOKEN', csrfToken())
  let response = await reach(request)
  if (response.status === 403 && problemIn(403, await response.clone().text()).details.token === true) {
    // The token is gone or old; asking who is here brings a new one.
    await reach(new Request('/editor/api/session'))
    spare.headers.set('X-XSRF-TOKEN', csrfToken())
    response = await reach(spare)
  }
  if (!response.ok) throw problemIn(response.status, await response.text())
  return response
}

/**
 * Asks the server. Paths, parameters, bodies and answers are typed by the server's own description of
 * its interface (`server/openapi.json`), so that what does not fit it does not compile.
 */
export const client = createClient<paths>({ fetch: send })

/**
 * The answer of a call of the client.
 *
 * @throws Problem with the server's sentence, or Unreachable
 */
export async function answer<T>(call: Promise<{ data?: T; response: Response }>): Promise<T> {
  const { data } = await call
  // Whatever went wrong was thrown by `send`; an answer without a body has no type either.
  return data as T
}

/** A file as the body of a call. The description knows it by its name only. */
export function withFile(file: File) {
  const form = new FormData()
  form.append('file', file)
  return { body: { file: file.name }, bodySerializer: () => form }
}
