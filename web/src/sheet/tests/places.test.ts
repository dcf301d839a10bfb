import { EditorState } from 'prosemirror-state'
import { describe, expect, it } from 'vitest'
import { freeName, rename, targetProblem } from '../links/places'
import { readHtml } from '../model/read'
import { writeHtml } from '../model/write'

const text = `<h2 id="moons">Moons</h2>
<p>See <a href="#moons">above</a>, <a href="#moons"><strong>there</strong> or here</a>, or <a href="#rings">rings</a>.</p>
<h2 id="rings">Rings</h2>`

function renamed(old: string, given: string) {
  const state = EditorState.create({ doc: readHtml(text) })
  const came = rename(state, old, given, 0)
  return { told: came.told, html: came.tr ? writeHtml(state.apply(came.tr).doc) : null }
}

describe('a place that gets another name', () => {
  it('takes the links to it along, and no others', () => {
    const { told, html } = renamed('moons', 'all-moons')
    expect(told).toBe('Renamed; 3 links to it follow.')
    expect(html).toBe(text.replaceAll('moons', 'all-moons'))
  })

  it('keeps its name where links lead to it and none is given', () => {
    expect(renamed('moons', '  ')).toEqual({ told: '3 links lead here; change them first.', html: null })
  })

  it('gets no name that another place has, and none that no address can hold', () => {
    expect(renamed('moons', 'rings').told).toBe('There is a place called “rings” already.')
    for (const name of ['2moons', 'über', 'a b', '-x', `a${'b'.repeat(80)}`]) {
      expect(renamed('moons', name).told).toBe('Use letters, digits and hyphens, beginning with a letter.')
    }
  })

  it('changes nothing where the name is the same', () => {
    expect(renamed('moons', ' moons ')).toEqual({ told: undefined, html: null })
  })
})

describe('a name that is free', () => {
  it('is numbered where there are places of that name', () => {
    const doc = readHtml(text)
    expect(freeName(doc, 'moons')).toBe('moons-2')
    expect(freeName(doc, '2026-moons')).toBe('moons-2')
    expect(freeName(doc, '12')).toBe('part')
    expect(targetProblem(doc, freeName(doc, 'rings'), '')).toBe('')
  })
})
