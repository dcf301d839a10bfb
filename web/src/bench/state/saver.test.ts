import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Problem, Unreachable } from '../../shared/api/client'
import type { ItemView, Person } from '../../shared/api/types'
import { readBackup } from './backup'
import { Saver } from './saver'

type Answer = (sent: { revision: number; content: { body: string; title: string } }) => Promise<unknown>

const put = vi.hoisted(() => vi.fn())
const get = vi.hoisted(() => vi.fn())

vi.mock('../../shared/api/client', async (original) => ({
  ...(await original<typeof import('../../shared/api/client')>()),
  client: { PUT: put, GET: get, POST: vi.fn(() => Promise.resolve({})) },
  answer: (call: Promise<unknown>) => call,
}))

const ilse: Person = { id: 1, name: 'Ilse' } as Person
const tove: Person = { id: 2, name: 'Tove' } as Person

function state(revision: number) {
  return {
    key: 'abc',
    revision,
    stage: 'DRAFT',
    changed: { at: '2026-11-27T09:00:00Z', by: 'Ilse' },
    placement: { slug: 'a-title', slugByHand: false },
  }
}

const content = {
  title: 'A title',
  summary: '',
  body: '<p>Start</p>',
  section: '',
  topics: [],
  keywords: [],
  slug: 'a-title',
  leadPicture: '',
  language: '',
  attachments: [],
  values: {},
}

const item = { state: state(1), content } as unknown as ItemView

describe('what is written', () => {
  let body = ''
  let underWay = 0
  let mostUnderWay = 0
  let bodies: string[] = []

  /** Answers the saves that come with these, one after the other, and all later ones as the server does. */
  function script(answers: Answer[]) {
    let revision = 1
    put.mockImplementation(async (_path: string, given: { body: Parameters<Answer>[0] }) => {
      mostUnderWay = Math.max(mostUnderWay, ++underWay)
      bodies.push(given.body.content.body)
      try {
        const next = answers.shift()
        if (next) return await next(given.body)
        revision++
        return state(revision)
      } finally {
        underWay--
      }
    })
  }

  const fails =
    (error: Error): Answer =>
    () =>
      Promise.reject(error)

  const problem = (status: number, details: Record<string, unknown> = {}) =>
    fails(new Problem(status, `No: ${status}.`, details))

  function saver() {
    body = '<p>Start</p>'
    return new Saver(item, () => body, ilse)
  }

  function types(into: Saver, words: string) {
    body = body.replace('</p>', `${words}</p>`)
    into.touch()
  }

  beforeEach(() => {
    vi.useFakeTimers()
    localStorage.clear()
    bodies = []
    underWay = 0
    mostUnderWay = 0
    script([])
  })

  afterEach(() => vi.useRealTimers())

  it('is sent after a pause, once', async () => {
    const one = saver()
    for (const letter of 'dark') types(one, letter)
    expect(one.snapshot().status.is).toBe('unsaved')
    await vi.advanceTimersByTimeAsync(2_000)
    expect(bodies).toEqual(['<p>Startdark</p>'])
    expect(one.snapshot().status.is).toBe('saved')
    expect(readBackup('abc', ilse)).toBeNull()
  })

  it('is sent within a second of writing on and on', async () => {
    const one = saver()
    for (let i = 0; i < 20; i++) {
      types(one, 'x')
      await vi.advanceTimersByTimeAsync(100)
    }
    expect(bodies.length).toBeGreaterThanOrEqual(1)
    expect(bodies.length).toBeLessThan(6)
  })

  it('is in the browser before the server has it, and until it has', async () => {
    script([problem(503), fails(new Unreachable())])
    const one = saver()
    types(one, ' kept')
    await vi.advanceTimersByTimeAsync(1_000)
    expect(one.snapshot().status.is).toBe('unreachable')
    expect(readBackup('abc', ilse)?.content.body).toBe('<p>Start kept</p>')
    await vi.advanceTimersByTimeAsync(20_000)
    expect(one.snapshot().status.is).toBe('saved')
    expect(readBackup('abc', ilse)).toBeNull()
    expect(bodies).toEqual(Array(3).fill('<p>Start kept</p>'))
  })

  it('is never under way twice, and nothing overtakes it', async () => {
    const slow: Answer = (sent) => new Promise((done) => setTimeout(() => done(state(sent.revision + 1)), 3_000))
    script([slow, slow])
    const one = saver()
    for (const word of [' one', ' two', ' three']) {
      types(one, word)
      await vi.advanceTimersByTimeAsync(1_200)
    }
    await vi.advanceTimersByTimeAsync(20_000)
    expect(mostUnderWay).toBe(1)
    expect(bodies.at(-1)).toBe('<p>Start one two three</p>')
    expect(bodies).toEqual([...bodies].sort((a, b) => a.length - b.length))
    expect(one.snapshot().status.is).toBe('saved')
  })

  it.each([
    [401, {}, 'signed-out'],
    [404, {}, 'gone'],
    [409, { signedInAs: 'Tove' }, 'other-person'],
    [409, { theirs: { ...content, body: '<p>Theirs</p>' }, theirRevision: 9 }, 'conflict'],
  ])('waits where the server says %i %o', async (status, details, is) => {
    script([problem(status, details)])
    const one = saver()
    types(one, ' mine')
    await vi.advanceTimersByTimeAsync(2_000)
    expect(one.snapshot().status.is).toBe(is)
    types(one, ' and on')
    await vi.advanceTimersByTimeAsync(10_000)
    expect(bodies).toHaveLength(1)
    expect(readBackup('abc', ilse)?.content.body).toBe('<p>Start mine and on</p>')
  })

  it('is told why it is refused, and sent again with the next change', async () => {
    script([problem(422)])
    const one = saver()
    types(one, ' refused')
    await vi.advanceTimersByTimeAsync(5_000)
    expect(one.snapshot().status).toEqual({ is: 'refused', why: 'No: 422.' })
    types(one, ' no more')
    await vi.advanceTimersByTimeAsync(5_000)
    expect(one.snapshot().status.is).toBe('saved')
  })

  it('meets no clash in what this window sent itself', async () => {
    let got = ''
    const lost: Answer = (sent) => {
      got = sent.content.body
      return Promise.reject(new Unreachable())
    }
    const clash: Answer = () =>
      Promise.reject(new Problem(409, 'Changed.', { theirs: { ...content, body: got }, theirRevision: 2 }))
    script([lost, clash])
    get.mockResolvedValue({ state: state(2), content })
    const one = saver()
    types(one, ' lost')
    await vi.advanceTimersByTimeAsync(20_000)
    expect(one.snapshot().status.is).toBe('saved')
  })

  it('goes on only under the name it was written under', async () => {
    script([problem(401)])
    const one = saver()
    types(one, ' mine')
    await vi.advanceTimersByTimeAsync(2_000)
    one.resume(tove)
    expect(one.snapshot().status).toEqual({ is: 'other-person', name: 'Tove' })
    await vi.advanceTimersByTimeAsync(5_000)
    expect(bodies).toHaveLength(1)
    one.resume(ilse)
    await vi.advanceTimersByTimeAsync(5_000)
    expect(one.snapshot().status.is).toBe('saved')
    expect(bodies.at(-1)).toBe('<p>Start mine</p>')
  })

  describe('when somebody saved a newer text elsewhere', () => {
    const newer = { state: state(5), content: { ...content, title: 'Newer', body: '<p>Newer</p>' } }

    function hears() {
      get.mockReset()
      get.mockResolvedValue(newer)
      const one = saver()
      const taken = vi.fn((item: ItemView) => {
        body = item.content.body
      })
      one.onNewer = taken
      return { one, taken }
    }

    it('gives way where nothing was typed, and goes on from there', async () => {
      const { one, taken } = hears()
      await one.hear(5)
      expect(taken).toHaveBeenCalledOnce()
      expect(one.snapshot()).toMatchObject({
        fields: { title: 'Newer' },
        state: { revision: 5 },
        status: { is: 'saved' },
      })
      await vi.advanceTimersByTimeAsync(5_000)
      expect(bodies).toEqual([])
      types(one, ' and mine')
      await vi.advanceTimersByTimeAsync(2_000)
      expect(put.mock.lastCall?.[1].body.revision).toBe(5)
      expect(bodies).toEqual(['<p>Newer and mine</p>'])
    })

    it('stays where something was typed, also while the newer one is on its way', async () => {
      const { one, taken } = hears()
      types(one, ' mine')
      await one.hear(5)
      expect(get).not.toHaveBeenCalled()

      const other = hears()
      const hearing = other.one.hear(5)
      types(other.one, ' mine')
      await hearing
      expect(other.one.content().body).toBe('<p>Start mine</p>')
      expect(taken).not.toHaveBeenCalled()
      expect(other.taken).not.toHaveBeenCalled()
    })

    it('does not take its own saving for somebody else’s', async () => {
      const slow: Answer = (sent) => new Promise((done) => setTimeout(() => done(state(sent.revision + 1)), 3_000))
      script([slow])
      const { one } = hears()
      types(one, ' mine')
      await vi.advanceTimersByTimeAsync(1_000)
      await one.hear(2)
      await vi.advanceTimersByTimeAsync(5_000)
      await one.hear(2)
      expect(get).not.toHaveBeenCalled()
    })

    it('waits while markup is typed', async () => {
      const { one, taken } = hears()
      one.isTyping = () => true
      await one.hear(5)
      expect(taken).not.toHaveBeenCalled()
    })

    it('meets a clash where what is typed built on the text before', async () => {
      const { one } = hears()
      await one.hear(5)
      one.doubt()
      script([problem(409, { theirs: newer.content, theirRevision: 5 })])
      types(one, ' typed in the markup meanwhile')
      await vi.advanceTimersByTimeAsync(2_000)
      expect(put.mock.lastCall?.[1].body.revision).toBe(1)
      expect(one.snapshot().status.is).toBe('conflict')
    })

    it('says nothing where only its stage is another', async () => {
      const { one, taken } = hears()
      get.mockResolvedValue({ state: state(5), content })
      await one.hear(5)
      expect(taken).not.toHaveBeenCalled()
      expect(one.snapshot().state.revision).toBe(5)
    })
  })
})
