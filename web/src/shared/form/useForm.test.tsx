import { act } from 'react'
import { createRoot, type Root } from 'react-dom/client'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Problem } from '../api/client'
import { setWindowPerson } from '../api/person'
import type { Person } from '../api/types'
import { type Form, NotYet, useForm } from './useForm'

interface Place {
  name: string
  about: string
}

interface State {
  stored: Place
  revision: string
}

const ilse = { id: 1, name: 'Ilse' } as Person
const bram = { id: 2, name: 'Bram' } as Person

let form: Form<Place>
let roots: Root[] = []
let sent: [Place, string][] = []
/** What the server does with what comes. */
let server: (value: Place, seen: string) => unknown

function One({ stored, revision, secret, name = 'place:one' }: State & { secret?: boolean; name?: string }) {
  form = useForm(name, {
    stored,
    revision,
    send: async (value, seen) => {
      sent.push([value, seen])
      return server(value, seen)
    },
    read: (theirs: Place) => theirs,
    told: 'Kept.',
    labels: { name: 'Name', about: 'About' },
    blank: { name: '', about: '' },
    secret,
  })
  return null
}

const start: State = { stored: { name: 'Visit', about: 'Old' }, revision: 'a' }

/** Shows the form, in a place of its own or anew in the one it has. */
function show(state: State, secret = false, root = createRoot(document.createElement('div'))): Root {
  if (!roots.includes(root)) roots.push(root)
  act(() => root.render(<One {...state} secret={secret} />))
  return root
}

const type = (part: Partial<Place>) => act(() => form.set(part))
const submit = () => act(() => form.submit())
const leave = (root: Root) => act(() => root.unmount())

/** Another window of this browser. */
const inAnotherTab = () => sessionStorage.clear()

const changedBy = (theirs: Place, revision: string) =>
  new Problem(409, 'Somebody else was first.', { theirs, revision })

beforeEach(() => {
  vi.stubGlobal('IS_REACT_ACT_ENVIRONMENT', true)
  localStorage.clear()
  sessionStorage.clear()
  setWindowPerson(ilse)
  sent = []
  server = () => ({})
})

afterEach(() => {
  for (const root of roots) leave(root)
  roots = []
})

describe('what is typed', () => {
  it('is there again after the form was left, in the same tab and in another', () => {
    leave(show(start))
    const root = show(start)
    expect(form.since).toBe(0)
    type({ name: 'Come' })
    leave(root)
    leave(show(start))
    expect(form.value).toEqual({ name: 'Come', about: 'Old' })
    expect(form.since).toBeGreaterThan(0)
    inAnotherTab()
    show(start)
    expect(form.value.name).toBe('Come')
  })

  it('is forgotten once the server has it, or it was thrown away', async () => {
    let root = show(start)
    type({ name: 'Come' })
    await submit()
    expect(sent).toEqual([[{ name: 'Come', about: 'Old' }, 'a']])
    expect(form.told).toBe('Kept.')
    leave(root)
    root = show(start)
    expect(form.value.name).toBe('Visit')
    type({ name: 'Come again' })
    act(() => form.drop())
    leave(root)
    show(start)
    expect(form.value.name).toBe('Visit')
  })

  it('stays where the server could not take it, whatever the reason', async () => {
    for (const failure of [
      new Problem(422, 'Too long.', {}),
      new Problem(404, 'Gone.', {}),
      new Error('No answer.'),
      new NotYet('More.'),
    ]) {
      const root = show(start)
      type({ about: failure.message })
      server = () => Promise.reject(failure)
      await submit()
      expect(form.problem).toBe(failure.message)
      leave(root)
      leave(show(start))
      expect(form.value.about).toBe(failure.message)
    }
  })

  it('is nobody else’s', () => {
    const root = show(start)
    type({ name: 'Come' })
    leave(root)
    setWindowPerson(bram)
    show(start)
    expect(form.value.name).toBe('Visit')
  })

  it('is not kept where it is a password', () => {
    const root = show(start, true)
    type({ name: 'secret' })
    expect(localStorage.length).toBe(0)
    leave(root)
    show(start, true)
    expect(form.value.name).toBe('Visit')
  })

  it('stays with its record where the same part of the screen goes on to another', async () => {
    const root = show(start)
    type({ name: 'Come' })
    const other = { stored: { name: 'Lodge', about: '' }, revision: 'z' }
    act(() => root.render(<One {...other} name="place:other" />))
    expect(form.value.name).toBe('Lodge')
    expect(form.changed).toBe(false)
    await submit()
    expect(sent).toEqual([[other.stored, 'z']])
    act(() => root.render(<One {...start} />))
    expect(form.value.name).toBe('Come')
  })

  it('is not shown in what begins from something else', () => {
    const root = show({ ...start, revision: '' })
    type({ name: 'Come' })
    leave(root)
    leave(show({ stored: { name: 'Another', about: '' }, revision: '' }))
    expect(form.value.name).toBe('Another')
    show({ ...start, revision: '' })
    expect(form.value.name).toBe('Come')
  })

  it('that comes in one after the other, drawn once, is all there', () => {
    show(start)
    act(() => {
      for (const letter of 'abc') form.set((now) => ({ about: now.about + letter }))
    })
    expect(form.value.about).toBe('Oldabc')
  })

  it('that comes while it is being sent is still to be sent', async () => {
    show(start)
    type({ name: 'Come' })
    let taken: (done: unknown) => void = () => {}
    server = () => new Promise((done) => (taken = done))
    const sending = act(() => {
      form.submit()
    })
    type({ name: 'Come here' })
    await act(async () => taken({}))
    await sending
    expect(form.value.name).toBe('Come here')
    expect(form.changed).toBe(true)
  })
})

describe('what others change meanwhile', () => {
  it('is joined as it comes, and everything is sent on it', async () => {
    const root = show(start)
    type({ name: 'Come' })
    show({ stored: { name: 'Visit', about: 'New' }, revision: 'b' }, false, root)
    expect(form.value).toEqual({ name: 'Come', about: 'New' })
    await submit()
    expect(sent).toEqual([[{ name: 'Come', about: 'New' }, 'b']])
  })

  it('is joined where the server tells of it, and sent again by itself', async () => {
    show(start)
    type({ name: 'Come' })
    server = (_, seen) => {
      if (seen === 'a') throw changedBy({ name: 'Visit', about: 'New' }, 'b')
    }
    await submit()
    expect(sent.map(([, seen]) => seen)).toEqual(['a', 'b'])
    expect(sent[1][0]).toEqual({ name: 'Come', about: 'New' })
    expect(form.told).toBe('Kept.')
  })

  it('is asked where both changed it, and nothing is sent until it is said', async () => {
    show(start)
    type({ name: 'Come', about: 'Mine' })
    server = (_, seen) => {
      if (seen === 'a') throw changedBy({ name: 'See', about: 'Theirs' }, 'b')
    }
    await submit()
    expect(form.clashes.map((c) => form.labelOf(c))).toEqual(['Name', 'About'])
    await submit()
    expect(sent).toHaveLength(1)
    expect(form.problem).toBe('Say first which of the two is to stay.')
    act(() => form.settle(form.clashes[0], 'theirs'))
    act(() => form.settle(form.clashes[0], 'mine'))
    await submit()
    expect(sent[1]).toEqual([{ name: 'See', about: 'Mine' }, 'b'])
  })

  it('is not asked of whoever typed before the record had come', () => {
    const root = show({ stored: undefined as never, revision: '' })
    type({ name: 'Come' })
    show(start, false, root)
    expect(form.value).toEqual({ name: 'Come', about: 'Old' })
    expect(form.clashes).toEqual([])
  })

  it('is asked too where it was typed before the form was opened', () => {
    const root = show(start)
    type({ name: 'Come' })
    leave(root)
    show({ stored: { name: 'See', about: 'New' }, revision: 'b' })
    expect(form.value).toEqual({ name: 'Come', about: 'New' })
    expect(form.clashes).toMatchObject([{ field: 'name', mine: 'Come', theirs: 'See' }])
  })

  it('is not asked where it says the same', () => {
    const root = show(start)
    type({ name: 'Come' })
    show({ stored: { name: 'Come', about: 'Old' }, revision: 'b' }, false, root)
    expect(form.changed).toBe(false)
    expect(form.clashes).toEqual([])
  })

  it('is told where nothing was typed', async () => {
    show(start)
    server = () => Promise.reject(changedBy({ name: 'See', about: 'New' }, 'b'))
    await submit()
    expect(form.problem).toBe('Somebody else was first.')
    expect(sent).toHaveLength(1)
  })

  it('is taken where the server tells that it says the same already', async () => {
    show(start)
    type({ name: 'Come' })
    server = (_, seen) => {
      if (seen === 'a') throw changedBy({ name: 'Come', about: 'Old' }, 'b')
    }
    await submit()
    expect(form.problem).toBe('')
    expect(form.told).toBe('Kept.')
    expect(form.changed).toBe(false)
  })

  it('is not sent again without end', async () => {
    show(start)
    type({ name: 'Come' })
    let n = 0
    server = () => Promise.reject(changedBy({ name: 'Visit', about: `New ${++n}` }, `b${n}`))
    await submit()
    expect(sent.length).toBeLessThan(10)
    expect(form.problem).toBe('Somebody else was first.')
  })
})

describe('somebody who was signed out', () => {
  const signedOut = () => Promise.reject(new Problem(401, 'Sign in first.', {}))

  it('signs in where they are, and it is sent', async () => {
    show(start)
    type({ name: 'Come' })
    server = signedOut
    await submit()
    expect(form.signedOut).toBe(true)
    server = () => ({})
    await act(async () => form.resume(ilse))
    expect(sent).toHaveLength(2)
    expect(form.told).toBe('Kept.')
  })

  it('does not have it sent under another name unasked', async () => {
    show(start)
    type({ name: 'Come' })
    server = signedOut
    await submit()
    await act(async () => form.resume(bram))
    expect(sent).toHaveLength(1)
    expect(form.problem).toContain('You are signed in as Bram now')
    expect(form.value.name).toBe('Come')
  })
})
