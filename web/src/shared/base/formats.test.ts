import { expect, test } from 'vitest'
import { ENDINGS, formatsInWords, usualEndings } from './formats'

test('the formats are told as a person would list them', () => {
  expect(usualEndings).toBe('.docx, .odt, .html, .md or .txt')
  expect(formatsInWords).toBe('word processor files (.docx, .odt), pages (.html), Markdown (.md) and plain text (.txt)')
})

test('no ending belongs to two formats', () => {
  expect(new Set(ENDINGS).size).toBe(ENDINGS.length)
})
