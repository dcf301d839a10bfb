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
  return document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]*)/)?.[1] ?? ''
}

/** Asks the server. A form, such as one with files, goes as it is; anything else as JSON. */
async function ask<T>(method: string, path: string, body?: unknown, keepalive = false, again = false): Promise<T> {
  const form = body instanceof FormData
  let response: Response
  try {
    response = await fetch(`/editor/api${path}`, {
      method,
      keepalive,
      headers: {
        Accept: 'application/json',
        ...(body === undefined || form ? {} : { 'Content-Type': 'application/json' }),
        ...(method === 'GET' ? {} : { 'X-XSRF-TOKEN': decodeURIComponent(csrfToken()) }),
      },
      body: body === undefined || form ? (body as FormData | undefined) : JSON.stringify(body),
    })
  } catch {
    throw new Unreachable()
  }
  const text = await response.text()
  if (response.ok) return (text ? JSON.parse(text) : undefined) as T
  let problem: Record<string, unknown> = {}
  try {
    problem = JSON.parse(text)
  } catch {
    // An answer that is no problem detail comes from something in between.
  }
  if (response.status === 403 && !problem.detail && !again) {
    // The token that goes with every change is gone or old; asking who is here brings a new one.
    await fetch('/editor/api/session')
    return ask(method, path, body, keepalive, true)
  }
  const sentence = typeof problem.detail === 'string' ? problem.detail : 'The server could not do this.'
  throw new Problem(response.status, sentence, problem)
}

export const api = {
  get: <T>(path: string) => ask<T>('GET', path),
  post: <T>(path: string, body?: unknown) => ask<T>('POST', path, body),
  put: <T>(path: string, body: unknown, keepalive = false) => ask<T>('PUT', path, body, keepalive),
  remove: (path: string) => ask<void>('DELETE', path),
}
