import { answer, client } from '../api/client'
import type { Person } from '../api/types'

/*
 * What browsers do with passkeys (Web Authentication, level 3). The server speaks in base64url, browsers in bytes.
 */

function bytesOf(words: string): ArrayBuffer {
  const text = atob(words.replace(/-/g, '+').replace(/_/g, '/'))
  return Uint8Array.from(text, (c) => c.charCodeAt(0)).buffer
}

function wordsOf(bytes: ArrayBuffer | null): string {
  const text = String.fromCharCode(...new Uint8Array(bytes ?? new ArrayBuffer(0)))
  return btoa(text).replace(/\+/g, '-').replace(/\//g, '_').replace(/=+$/, '')
}

/** Whether this browser knows passkeys. */
export const knowsPasskeys = () => typeof PublicKeyCredential === 'function'

/** Passkeys hold at one address only; elsewhere browsers refuse them without saying why. */
function checkOrigin(origin: string) {
  if (location.origin === origin) return
  throw new Error(`Passkeys work where the site has its address. Open the editor at ${origin}/editor/ for them.`)
}

/** What a browser says when somebody closes its question means nothing more than that. */
async function asked<T>(work: Promise<T>): Promise<T> {
  try {
    return await work
  } catch (error) {
    const { name } = error as DOMException
    if (name === 'NotAllowedError') throw new Error('Nothing was done: the question was closed, or took too long.')
    if (name === 'InvalidStateError') throw new Error('This device has a passkey of yours already.')
    throw error
  }
}

/** Has a device make a passkey, and keeps it. */
export async function addPasskey(name: string, sure: { password: string; code: string }) {
  const offer = await answer(client.POST('/editor/api/me/passkeys/offer', { body: sure }))
  checkOrigin(offer.origin)
  const made = (await asked(
    navigator.credentials.create({
      publicKey: {
        challenge: bytesOf(offer.challenge),
        rp: { id: offer.site, name: 'Blenner' },
        user: { id: bytesOf(offer.user), name: offer.signIn, displayName: offer.name },
        pubKeyCredParams: offer.algorithms.map((alg) => ({ type: 'public-key', alg })),
        excludeCredentials: offer.known.map((id) => ({ type: 'public-key', id: bytesOf(id) })),
        authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
        attestation: 'none',
      },
    }),
  )) as PublicKeyCredential
  const response = made.response as AuthenticatorAttestationResponse
  const body = {
    name,
    id: made.id,
    clientData: wordsOf(response.clientDataJSON),
    attestation: wordsOf(response.attestationObject),
    transports: response.getTransports?.().join(',') ?? '',
  }
  return answer(client.POST('/editor/api/me/passkeys', { body }))
}

/** Signs somebody in with a passkey their device holds. */
export async function signInWithPasskey(): Promise<Person> {
  const asking = await answer(client.POST('/editor/api/session/passkey/offer'))
  checkOrigin(asking.origin)
  const signed = (await asked(
    navigator.credentials.get({
      publicKey: { challenge: bytesOf(asking.challenge), rpId: asking.site, userVerification: 'required' },
    }),
  )) as PublicKeyCredential
  const response = signed.response as AuthenticatorAssertionResponse
  const body = {
    id: signed.id,
    clientData: wordsOf(response.clientDataJSON),
    authenticatorData: wordsOf(response.authenticatorData),
    signature: wordsOf(response.signature),
    user: wordsOf(response.userHandle),
  }
  return answer(client.POST('/editor/api/session/passkey', { body }))
}
