import { describe, expect, it } from 'vitest'
import { join, type Lists, same, settled } from './join'

const lists: Lists = {
  topics: (t: { slug: string }) => t.slug,
  kinds: (k: { kind: string }) => k.kind,
  'kinds.*.rules': (r: { rule: string }) => r.rule,
}

/** A form of a section, with fields, a group of fields and a list. */
interface Section {
  name: string
  about: string
  said: { title: string; credit: string }
  topics: { slug: string; name: string }[]
}

const base: Section = {
  name: 'Visit',
  about: '',
  said: { title: 'T', credit: 'C' },
  topics: ['a', 'b', 'c', 'd'].map((slug) => ({ slug, name: slug })),
}

/** Numbers that look random and are the same each time: a linear congruential generator (Knuth’s MMIX, from memory). */
function numbers(seed: number) {
  let state = BigInt(seed)
  return (below: number) => {
    state = (state * 6364136223846793005n + 1442695040888963407n) & 0xffffffffffffffffn
    return Number(state >> 33n) % below
  }
}

/** Changes of a section that touch one thing each, by the name of what they touch. */
const changes: Record<string, (s: Section, to: string) => Section> = {
  name: (s, to) => ({ ...s, name: to }),
  about: (s, to) => ({ ...s, about: to }),
  'said.title': (s, to) => ({ ...s, said: { ...s.said, title: to } }),
  'said.credit': (s, to) => ({ ...s, said: { ...s.said, credit: to } }),
  'topics.b': (s, to) => ({ ...s, topics: s.topics.map((t) => (t.slug === 'b' ? { ...t, name: to } : t)) }),
  'topics.c': (s, to) => ({ ...s, topics: s.topics.map((t) => (t.slug === 'c' ? { ...t, name: to } : t)) }),
  'without d': (s) => ({ ...s, topics: s.topics.filter((t) => t.slug !== 'd') }),
  added: (s, to) => ({ ...s, topics: [...s.topics, { slug: to, name: to }] }),
}

const some = (next: (below: number) => number, of: string[]) => of.filter(() => next(2) === 0)
const made = (names: string[], to: string) => names.reduce((s, n) => changes[n](s, to), base)

describe('joining a form', () => {
  it('has all of both where they changed different things, in either order, and asks nothing', () => {
    const next = numbers(7)
    for (let i = 0; i < 500; i++) {
      const all = Object.keys(changes)
      const mine = some(next, all)
      const theirs = some(
        next,
        all.filter((n) => !mine.includes(n)),
      )
      const own = made(mine, 'mine')
      const other = made(theirs, 'theirs')
      const expected = theirs.reduce((s, n) => changes[n](s, 'theirs'), own)
      for (const [one, two] of [
        [own, other],
        [other, own],
      ]) {
        const { value, clashes } = join(base, one, two, lists)
        expect(clashes).toEqual([])
        expect({ ...value, topics: [...value.topics].sort((a, b) => (a.slug < b.slug ? -1 : 1)) }).toEqual({
          ...expected,
          topics: [...expected.topics].sort((a, b) => (a.slug < b.slug ? -1 : 1)),
        })
      }
    }
  })

  it('asks for each field that both changed otherwise, and takes the answer', () => {
    const clashing = ['name', 'said.title', 'topics.b']
    const { value, clashes } = join(base, made(clashing, 'mine'), made([...clashing, 'about'], 'theirs'), lists)
    expect(clashes.map((c) => c.field)).toEqual(['name', 'said.title', 'topics.b.name'])
    expect(value.about).toBe('theirs')
    expect(value.name).toBe('mine')
    const theirs = clashes.reduce((v, c) => settled(v, c, 'theirs', lists), value)
    expect(theirs).toEqual(made([...clashing, 'about'], 'theirs'))
    const mine = clashes.reduce((v, c) => settled(v, c, 'mine', lists), value)
    expect(mine).toEqual({ ...made(clashing, 'mine'), about: 'theirs' })
  })

  it('asks nothing where both say the same', () => {
    expect(join(base, made(['name', 'added'], 'x'), made(['name', 'added'], 'x'), lists).clashes).toEqual([])
  })

  it('asks where one takes an entry away that the other changed, and never takes it away unasked', () => {
    for (const mineIsGone of [true, false]) {
      const gone = { ...base, topics: base.topics.filter((t) => t.slug !== 'b') }
      const changed = made(['topics.b'], 'new')
      const [mine, theirs] = mineIsGone ? [gone, changed] : [changed, gone]
      const { value, clashes } = join(base, mine, theirs, lists)
      expect(clashes).toHaveLength(1)
      expect(value.topics.map((t) => t.name)).toEqual(['a', 'new', 'c', 'd'])
      const without = settled(value, clashes[0], mineIsGone ? 'mine' : 'theirs', lists)
      expect(without.topics.map((t) => t.slug)).toEqual(['a', 'c', 'd'])
    }
  })

  it('keeps the order of whoever changed it, with what the other added', () => {
    const turned = { ...base, topics: [...base.topics].reverse() }
    const added = made(['added'], 'e')
    expect(join(base, turned, added, lists).value.topics.map((t) => t.slug)).toEqual(['d', 'e', 'c', 'b', 'a'])
    expect(join(base, added, turned, lists).value.topics.map((t) => t.slug)).toEqual(['d', 'e', 'c', 'b', 'a'])
  })

  it('takes a list whose entries cannot be told apart as a whole', () => {
    const nameless = { ...base, topics: [...base.topics, { slug: '', name: 'x' }, { slug: '', name: 'y' }] }
    const { clashes } = join(base, nameless, made(['topics.b'], 'new'), lists)
    expect(clashes.map((c) => c.field)).toEqual(['topics'])
  })

  it('joins lists within entries of lists', () => {
    const of = (...rules: [string, number][]) => ({
      kinds: [{ kind: '', rules: rules.map(([rule, n]) => ({ rule, n })) }],
    })
    const { value, clashes } = join(of(['a', 1], ['b', 1]), of(['a', 2], ['b', 1]), of(['a', 1], ['b', 3]), lists)
    expect(clashes).toEqual([])
    expect(value).toEqual(of(['a', 2], ['b', 3]))
  })

  it('says that a missing field is one that is undefined', () => {
    expect(same({ a: 1 }, { a: 1, b: undefined })).toBe(true)
    expect(same({ a: [1, 2] }, { a: [2, 1] })).toBe(false)
  })
})
