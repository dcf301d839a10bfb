import { type FormEvent, useEffect, useRef, useState } from 'react'
import { Problem } from '../api/client'
import { windowPerson } from '../api/person'
import type { Person } from '../api/types'
import { type Draft, dropDraft, keepDraft, readDraft } from './drafts'
import { type Clash, join, type Lists, same, settled } from './join'

/** How often a form is sent again by itself, on what others have made of its record meanwhile. */
const TRIES = 5

/** Something is still to be said before it is done, which the form shows by itself; what was typed stays. */
export class NotYet extends Error {
  constructor(sentence = '') {
    super(sentence)
  }
}

interface Options<T, R> {
  /** What the form begins from: as the server has it, or for something new what it is offered with. */
  stored: T | undefined
  /** What is shown until that has come. */
  blank?: T
  /** The revision of that; empty for something new, to which nobody else can do anything. */
  revision?: string
  /** Sends it; where nobody has to be asked, it is done as soon as this has run. */
  send: (value: T, revision: string) => R | Promise<R>
  /** What a record that somebody else changed is in the form, as the refusal tells it. */
  read?: (theirs: never) => T
  /** Runs once it was taken; what was typed is forgotten after it. */
  done?: (answer: R) => unknown
  /** What is said once it was taken, where the form stays. */
  told?: string
  /** What tells the entries of lists apart. */
  lists?: Lists
  /** What a field is called, by the first step of its way. */
  labels?: Record<string, string>
  /** Whether it holds a password: nothing of it is kept in the browser. */
  secret?: boolean
}

/** A form while somebody fills it in. */
export interface Form<T> {
  name: string
  value: T
  /** Changes some fields; by a function where that comes after others, and builds on what is there then. */
  set: (part: Partial<T> | ((now: T) => Partial<T>)) => void
  /** Whether something in it is not as it began. */
  changed: boolean
  /** Why it could not be taken, where it could not. */
  problem: string
  /** What became of it. */
  told: string
  submit: (e?: FormEvent) => Promise<void>
  /** Throws away what was typed. */
  drop: () => void
  /** When what is shown was typed, where it was typed before this form was opened. */
  since: number
  /** What others changed while it was typed. */
  clashes: Clash[]
  settle: (clash: Clash, to: 'mine' | 'theirs') => void
  labelOf: (clash: Clash) => string
  /** Whether somebody has to sign in again before it can be taken. */
  signedOut: boolean
  /** Goes on after that. */
  resume: (person: Person) => void
  stay: () => void
}

interface State<T> {
  draft: Draft<T> | null
  since: number
  clashes: Clash[]
  problem: string
  told: string
  signedOut: boolean
}

/**
 * A form that loses nothing. What is typed is kept in this browser until the server has it or its writer throws it away. What
 * others change meanwhile is joined, field by field; where both changed one, it is asked which is to stay.
 *
 * @param name what the form is of, such as `section:tides`; in another form nothing of it is shown
 */
export function useForm<T extends object, R = unknown>(name: string, options: Options<T, R>): Form<T> {
  const { stored, revision = '', lists = {} } = options
  const person = windowPerson()?.id ?? 0
  const latest = useRef(options)
  latest.current = options
  const busy = useRef(false)
  const [state, setState] = useState<State<T>>(() => begun(options.secret ? null : left(person, name, options)))
  // What is sent is what is there in that moment, also where it changed since this was drawn.
  const now = useRef(state)
  // A part of the screen that goes on to another record has another form; nothing of the one goes into the other.
  const [of, setOf] = useState(name)
  if (of !== name) {
    setOf(name)
    now.current = begun(options.secret ? null : left(person, name, options))
    setState(now.current)
  }

  function become(part: Partial<State<T>>) {
    const { draft: before } = now.current
    now.current = { ...now.current, ...part }
    if ('draft' in part && !options.secret) {
      if (part.draft) keepDraft(person, name, part.draft)
      else if (before) dropDraft(person, name, before.at)
    }
    setState(now.current)
  }

  /** Goes on from what a record has become. */
  function rebase(theirs: T, revised: string): boolean {
    const { draft, clashes } = now.current
    if (!draft || draft.revision === revised) return clashes.length === 0
    const made = join(draft.base, draft.value, theirs, latest.current.lists)
    // Whoever typed before the record had come changed nothing of it knowingly, and means what they typed.
    if (!draft.revision) made.clashes = []
    const open = [...clashes.filter((c) => !made.clashes.some((m) => m.field === c.field)), ...made.clashes]
    const still = same(made.value, theirs) ? null : { ...draft, base: theirs, revision: revised, value: made.value }
    become({ draft: still, clashes: still ? open : [], ...(still ? {} : { since: 0 }) })
    return open.length === 0
  }

  useEffect(() => {
    if (stored && revision && !busy.current) rebase(stored, revision)
  }, [name, revision])

  const value = now.current.draft?.value ?? stored ?? options.blank
  if (!value) throw new Error(`The form ${name} is shown before there is something in it.`)

  function set(given: Partial<T> | ((now: T) => Partial<T>)) {
    const begin = (latest.current.stored ?? latest.current.blank) as T
    const draft = now.current.draft ?? { base: begin, revision: latest.current.revision ?? '', value: begin, at: 0 }
    const part = typeof given === 'function' ? given(draft.value) : given
    become({ draft: { ...draft, value: { ...draft.value, ...part }, at: Date.now() }, told: '', problem: '' })
  }

  function sendNow(): { going: R | Promise<R>; sent: Draft<T> | null } {
    const { draft: sent } = now.current
    const { stored: begin, blank, revision: seen = '', send } = latest.current
    return { going: send(sent?.value ?? ((begin ?? blank) as T), sent?.revision ?? seen), sent }
  }

  /** What came of it in the end, and what was sent then. */
  async function answered({ going, sent }: ReturnType<typeof sendNow>): Promise<[R, Draft<T> | null]> {
    let tried = { going, sent }
    for (let tries = 1; ; tries++) {
      try {
        return [await tried.going, tried.sent]
      } catch (error) {
        const theirs = error instanceof Problem && error.status === 409 ? error.details.theirs : undefined
        if (theirs === undefined || !latest.current.read || tries === TRIES) throw error
        const revised = String((error as Problem).details.revision)
        const value = latest.current.read(theirs as never)
        // Whoever changed nothing of their own is told what it has become.
        if (!tried.sent || !rebase(value, revised)) throw error
        // It may say all that was typed already.
        tried = now.current.draft ? sendNow() : { going: latest.current.send(value, revised), sent: null }
      }
    }
  }

  function taken(answer: R, sent: Draft<T> | null): unknown {
    // What was typed while it was on its way is still to be sent.
    if (now.current.draft === sent) become({ draft: null, since: 0 })
    return latest.current.done?.(answer)
  }

  function failed(error: unknown) {
    if (error instanceof Problem && error.status === 401) become({ signedOut: true })
    else become({ problem: (error as Error).message })
  }

  async function submit(e?: FormEvent) {
    // A dialog is in the place of the page that opened it; its form must not send that one too.
    e?.preventDefault()
    e?.stopPropagation()
    if (busy.current) return
    if (now.current.clashes.length) return become({ problem: 'Say first which of the two is to stay.' })
    become({ problem: '', told: '' })
    busy.current = true
    try {
      const begun = sendNow()
      if (begun.going instanceof Promise) {
        const [answer, sent] = await answered(begun)
        await taken(answer, sent)
      } else taken(begun.going, begun.sent) // At once, so that the next key goes to where it is meant to.
      become({ told: latest.current.told ?? '' })
    } catch (error) {
      failed(error)
    } finally {
      busy.current = false
    }
  }

  return {
    name,
    value,
    set,
    changed: !!state.draft && !same(state.draft.value, state.draft.base),
    problem: state.problem,
    told: state.told,
    submit,
    drop: () => become({ draft: null, since: 0, clashes: [], problem: '', told: '' }),
    since: state.since,
    clashes: state.clashes,
    settle: (clash, to) => {
      const { draft, clashes } = now.current
      if (!draft) return
      become({
        draft: { ...draft, value: settled(draft.value, clash, to, lists), at: Date.now() },
        clashes: clashes.filter((c) => c !== clash),
        problem: '',
      })
    },
    labelOf: ({ field }) => {
      const [first = '', ...rest] = field.split('.')
      const called = options.labels?.[first] ?? first
      return rest.length ? `${called}: ${rest.join(', ')}` : called
    },
    signedOut: state.signedOut,
    resume: (again) => {
      become({ signedOut: false })
      // Words that another person typed are not sent under this name unasked.
      if (again.id === person || !person) submit()
      else become({ problem: `You are signed in as ${again.name} now. Press again if this is to be yours.` })
    },
    stay: () => become({ signedOut: false, problem: 'Sign in again to have this kept. It stays here until then.' }),
  }
}

function begun<T>(draft: Draft<T> | null): State<T> {
  return { draft, since: draft?.at ?? 0, clashes: [], problem: '', told: '', signedOut: false }
}

/** What was typed before. Into what is begun new, or lies in a text, only where it begins from the same. */
function left<T>(
  person: number,
  name: string,
  { stored, revision }: Pick<Options<T, unknown>, 'stored' | 'revision'>,
): Draft<T> | null {
  const draft = readDraft<T>(person, name)
  return draft && (revision || !stored || same(draft.base, stored)) ? draft : null
}
