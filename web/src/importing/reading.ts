import { answer, client, withFile } from '../shared/api/client'
import type { Imported, Kind } from '../shared/api/types'

/** Reads a file; its title apart where it becomes an item. */
export function readFile(file: File, asItem: boolean, namesInUse: string[] = []): Promise<Imported> {
  const params = { query: { asItem, namesInUse } }
  return answer(client.POST('/editor/api/intake/file', { params, ...withFile(file) }))
}

/** Fetches a page of the web. */
export function readAddress(address: string, namesInUse: string[] = []): Promise<Imported> {
  return answer(client.POST('/editor/api/intake/address', { body: { address, namesInUse } }))
}

/** Begins an item with a text that was brought in. */
export async function beginItem(kind: Kind, brought: { title: string; body: string }): Promise<string> {
  const made = await answer(client.POST('/editor/api/items', { body: { kind, ...brought } }))
  return made.state.key
}
