import { Problem } from '../api/client'
import { same } from './join'

/** How often a change is made again by itself, on what others have made of its record meanwhile. */
const TRIES = 5

/**
 * Changes a part of a record at a press: a box that is ticked, a button. Where others changed other parts of it meanwhile, it
 * is made on top of theirs; where they changed this one, it is told.
 *
 * @param seen the record as it was on the screen
 * @param part the names of what is changed; none where all of it is, and `any` where it is right whatever there is
 * @param send sends it, for how the record stands
 */
export async function changeOn<T extends { revision: string }, R>(
  seen: T,
  part: (keyof T)[] | 'any',
  send: (now: T) => Promise<R>,
): Promise<R> {
  let now = seen
  for (let tries = 1; ; tries++) {
    try {
      return await send(now)
    } catch (error) {
      if (!(error instanceof Problem) || error.status !== 409 || tries === TRIES) throw error
      const theirs = error.details.theirs as T | undefined
      const apart = part === 'any' || (part.length > 0 && part.every((name) => same(theirs?.[name], seen[name])))
      if (!theirs || !apart) throw error
      now = theirs
    }
  }
}

/** What a change is sent with: on which revision it builds. */
export const on = (revision: string) => ({ 'If-Match': `"${revision}"` })
