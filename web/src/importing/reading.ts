import { answer, client, withFile } from '../shared/api/client'
import type { Imported, Kind, OfferKind, PasteMode } from '../shared/api/types'

/** The text that something is brought into: names of its places, and its language. */
export interface Joined {
  namesInUse: string[]
  language: string
  /** The kind of item it belongs to; empty where there is none yet. */
  kind: string
}

const alone: Joined = { namesInUse: [], language: '', kind: '' }

/** What somebody has chosen of what a reading leaves open. */
export interface Choice {
  /** Empty where nobody has chosen one. */
  encoding: string
  /** How to take the lines of a plain text. */
  mode: PasteMode
  taken: OfferKind[]
}

export const unchosen: Choice = { encoding: '', mode: 'CLEAN', taken: [] }

/** Reads a file; its title apart where it becomes an item. */
export function readFile(file: File, asItem: boolean, joined = alone, choice = unchosen): Promise<Imported> {
  const params = { query: { asItem, ...choice, ...joined } }
  return answer(client.POST('/editor/api/intake/file', { params, ...withFile(file) }))
}

/** Fetches a page of the web. */
export function readAddress(address: string, joined = alone, { taken } = unchosen): Promise<Imported> {
  return answer(client.POST('/editor/api/intake/address', { body: { address, taken, ...joined } }))
}

/** Begins an item with a text that was brought in; says what it could not take of it, in a sentence. */
export async function beginItem(
  kind: Kind,
  brought: { title: string; body: string },
): Promise<{ key: string; told: string }> {
  const { state } = await answer(client.POST('/editor/api/items', { body: { kind, ...brought } }))
  return { key: state.key, told: state.taken?.told ?? '' }
}
