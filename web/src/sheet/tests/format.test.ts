import { describe, expect, it } from 'vitest'
import format from '../../../../docs/format.md?raw'
import { readHtml } from '../model/read'
import { writeHtml } from '../model/write'

const examples = [...format.matchAll(/```html\n([\s\S]*?)\n```/g)].map((m) => m[1])

describe('the document format', () => {
  it('has examples', () => {
    expect(examples.length).toBeGreaterThan(20)
  })

  it.each(examples)('comes back with the same bytes: %s', (example) => {
    expect(writeHtml(readHtml(example))).toBe(example)
  })

  it('comes back with the same bytes, whatever stands beside what', () => {
    for (let step = 1; step < 8; step++) {
      const mixed = examples.map((_, i) => examples[(i * step) % examples.length]).join('\n')
      expect(writeHtml(readHtml(mixed))).toBe(mixed)
    }
  })
})
