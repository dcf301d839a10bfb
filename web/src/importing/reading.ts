import { answer, client, withFile } from '../shared/api/client'
import type { Imported, Kind } from '../shared/api/types'

/** The text that something is brought into: names of its places, and its language. */
export interface Joined {
  namesInUse: string[]
  language: string
}

const alone: Joined = { namesInUse: [], language: '' }

/** Reads a file; its title apart where it becomes an item. An encoding is said where somebody has chosen one. */
export function readFile(file: File, asItem: boolean, joined = alone, encoding = ''): Promise<Imported> {
  const params = { query: { asItem, encoding, ...joined } }
  return answer(client.POST('/editor/api/intake/file', { params, ...withFile(file) }))
}

/** Fetches a page of the web. */
export function readAddress(address: string, joined = alone): Promise<Imported> {
  return answer(client.POST('/editor/api/intake/address', { body: { address, ...joined } }))
}

/** Begins an item with a text that was brought in. */
export async function beginItem(kind: Kind, brought: { title: string; body: string }): Promise<string> {
  const made = await answer(client.POST('/editor/api/items', { body: { kind, ...brought } }))
  return made.state.key
}
