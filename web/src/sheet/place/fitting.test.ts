import { expect, test } from 'vitest'
import { type Entry, fitting } from './fitting'

const entry = (id: string, name: string, words: string, about: string) =>
  ({ id, name, group: 'insert', words, insert: { family: 'text', about, sign: [] } }) as unknown as Entry

const entries = [
  entry('gallery', 'Gallery', 'pictures', 'Several pictures with a table of contents'),
  entry('columns', 'Side-by-side columns', 'layout', 'Like a table, without lines'),
  entry('chart', 'Chart', 'table graph', 'Numbers to look at'),
  entry('end', 'End table', '', 'Stands at the end'),
  entry('table', 'Table', 'rows cells', 'Rows and columns'),
]

test('a name beats other words for it, and those what is said of it', () => {
  expect(fitting(entries, 'table', []).map((t) => t.id)).toEqual(['table', 'end', 'chart', 'gallery', 'columns'])
})

test('what was used lately is first among equals, and not before what fits better', () => {
  expect(
    fitting(entries, 'table', ['columns'])
      .map((t) => t.id)
      .slice(-2),
  ).toEqual(['columns', 'gallery'])
})

test('what nothing fits is found nowhere', () => {
  expect(fitting(entries, 'zebra', ['table'])).toEqual([])
})
