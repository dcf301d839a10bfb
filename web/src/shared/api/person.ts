import { Store } from '../base/store'
import type { Person } from './types'

/**
 * Whose window this is. All windows of a browser share one session; where somebody else signs in in another of them,
 * this one stays whose it was until that person agrees, and the server refuses what it would do under another name.
 */
const person = new Store<Person | null>(null)

/** Says whose window this is from now on. */
export const setWindowPerson = person.set

/** Whose window this is. */
export const windowPerson = person.get
