import { useEffect } from 'react'
import { answer, client } from '../api/client'
import { keep, readKept } from '../base/kept'
import { Store, useStore } from '../base/store'

type Settings = Record<string, unknown>

/** How the person of this window has set the editor up for themselves, as the server keeps it for every machine. */
const settings = new Store<Settings>({})
const trouble = new Store('')
let whose = 0

/** What this browser shows until the server has answered. */
const kept = () => `blenner:own:${whose}`

/** Takes over what somebody has set, once their window opens and whenever they come back to it. */
export function useOwnSettingsOf(person: number) {
  useEffect(() => {
    whose = person
    if (!person) return
    settings.set(readKept<Settings>(kept(), {}))
    fetchOwn()
    const comesBack = () => document.visibilityState === 'visible' && fetchOwn()
    document.addEventListener('visibilitychange', comesBack)
    return () => document.removeEventListener('visibilitychange', comesBack)
  }, [person])
}

async function fetchOwn() {
  const asked = whose
  try {
    const { settings: found } = await answer(client.GET('/editor/api/me/settings'))
    if (whose === asked) take(found as Settings)
  } catch {
    // What this browser kept goes on to hold; the next change says it where the server does not answer.
  }
}

function take(next: Settings) {
  settings.set(next)
  keep(kept(), next)
}

/** What somebody has set under a name; `otherwise` where that is nothing. */
export function readOwn<T>(name: string, otherwise: T): T {
  return name in settings.get() ? (settings.get()[name] as T) : otherwise
}

/** The same, drawn again when it changes. */
export function useOwn<T>(name: string, otherwise: T): T {
  const value = useStore(settings, (all) => all[name])
  return value === undefined ? otherwise : (value as T)
}

/** Sets something at once, and has it kept; undefined sets it back. */
export async function setOwn(name: string, value: unknown) {
  const { [name]: _, ...others } = settings.get()
  take(value === undefined ? others : { ...others, [name]: value })
  const path = { setting: name }
  try {
    if (value === undefined) await client.DELETE('/editor/api/me/settings/{setting}', { params: { path } })
    else await client.PUT('/editor/api/me/settings/{setting}', { params: { path }, body: { value: value as never } })
    trouble.set('')
  } catch (error) {
    trouble.set(`Kept in this browser only: ${(error as Error).message}`)
  }
}

/** Sets everything back to what everybody begins with. */
export async function resetOwn() {
  take({})
  try {
    await client.DELETE('/editor/api/me/settings')
    trouble.set('')
  } catch (error) {
    trouble.set(`Set back in this browser only: ${(error as Error).message}`)
  }
}

/** Why the latest setting is not kept for other machines; empty where it is. */
export const useOwnTrouble = () => useStore(trouble)
