import { expect, test } from 'vitest'
import { looksLikeAddress } from '../links/targets'

test.each([
  'https://example.org',
  'example.org',
  'www.example.org/a?b',
  '/visit/red-torch',
  'ada@example.org',
  'mailto:ada@example.org',
  '+44 20 7946 0000',
  'javascript:alert(1)',
  'ftp://example.org',
  '../items/a.html',
])('%s is an address, for which Enter takes nothing else', (typed) => {
  expect(looksLikeAddress(typed)).toBe(true)
})

test.each(['moon', 'red torch', '#opening', 'A red torch, and four other things', '2026', 'e.g.'])(
  '%s are letters of a name',
  (typed) => {
    expect(looksLikeAddress(typed)).toBe(false)
  },
)
