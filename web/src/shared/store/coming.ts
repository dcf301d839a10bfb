import { answer, client, type Problem } from '../api/client'
import type { Added, Asset } from '../api/types'
import { asksWhich, bringFileIn, Stopped, type Upload } from '../api/upload'
import { Store, useStore } from '../base/store'
import { on } from '../form/change'

/** What is to become of a file whose name is there already. */
export type Choice = 'BOTH' | 'REPLACE' | 'USE'

/** A file on its way to the assets. */
export interface Coming {
  id: number
  file: File
  /** Bytes that have gone. */
  sent: number
  /** Whether where and with what a picture was taken stays in it. */
  whole: boolean
  /** Whether the line is broken, and it is tried again. */
  broken: boolean
  state: 'waits' | 'goes' | 'asks' | 'done' | 'failed' | 'stopped'
  /** What went wrong, in words. */
  problem: string
  /** What it became. */
  added: Added | null
  /** Where it asks: the asset that has its name, in how many items that stands, and the file's hash. */
  which: { existing: Asset; uses: number; file: string } | null
}

/** More at once would only share the same line. */
const AT_ONCE = 2

const list = new Store<Coming[]>([])
const running = new Map<number, Upload<Added>>()
const waiting = new Map<number, (added: Added) => void>()
let last = 0

/** The files on their way, and what became of those that were. */
export function useComing(): Coming[] {
  return useStore(list)
}

function set(id: number, change: Partial<Coming>) {
  list.set(list.get().map((c) => (c.id === id ? { ...c, ...change } : c)))
}

/**
 * Brings files in, a few at a time.
 *
 * @param arrived is told of each that became an asset
 * @param whole whether where and with what pictures were taken stays in them
 */
export function bringIn(files: File[], arrived: (added: Added) => void = () => {}, whole = false) {
  const coming = files.map((file): Coming => {
    waiting.set(++last, arrived)
    return { id: last, file, sent: 0, whole, broken: false, state: 'waits', problem: '', added: null, which: null }
  })
  list.set([...list.get(), ...coming])
  next()
}

function next() {
  const going = list.get().filter((c) => c.state === 'goes').length
  for (const c of list
    .get()
    .filter((c) => c.state === 'waits')
    .slice(0, AT_ONCE - going)) {
    go(c)
  }
}

async function go({ id, file, whole }: Coming) {
  set(id, { state: 'goes', broken: false, problem: '' })
  const sending = bringFileIn(
    file,
    { ask: true, whole },
    {
      sent: (sent) => set(id, { sent, broken: false }),
      waits: () => set(id, { broken: true }),
    },
  )
  running.set(id, sending)
  try {
    settled(id, await sending.done)
  } catch (error) {
    if (error instanceof Stopped) set(id, { state: 'stopped' })
    else if (asksWhich(error)) set(id, { state: 'asks', which: whichOf(error) })
    else set(id, { state: 'failed', problem: (error as Error).message })
  } finally {
    running.delete(id)
    next()
  }
}

function whichOf(problem: Problem): Coming['which'] {
  const { existing, uses, file } = problem.details as { existing: Asset; uses: number; file: string }
  return { existing, uses, file }
}

function settled(id: number, added: Added) {
  set(id, { state: 'done', added, which: null })
  waiting.get(id)?.(added)
}

/** Stops a file on its way; what has gone need not be sent again. */
export function stopComing(id: number) {
  const sending = running.get(id)
  if (sending) sending.stop()
  else set(id, { state: 'stopped' })
}

/** Goes on with a file, where it was. */
export function retryComing(id: number) {
  set(id, { state: 'waits' })
  next()
}

/** Says what is to become of a file whose name is there already. */
export async function chooseComing({ id, file, which }: Coming, choice: Choice) {
  if (!which) return
  try {
    const body = { file: which.file, name: file.name, choice }
    settled(
      id,
      await answer(client.POST('/editor/api/assets/chosen', { params: { header: on(which.existing.revision) }, body })),
    )
  } catch (error) {
    set(id, { problem: (error as Error).message })
  }
}

/** Takes what is over off the list. */
export function clearComing() {
  list.set(list.get().filter((c) => c.state === 'waits' || c.state === 'goes' || c.state === 'asks'))
}
