import { act, useState } from 'react'
import { createRoot } from 'react-dom/client'
import { expect, test } from 'vitest'
import { AddButton } from './AddButton'

function Facts() {
  const [facts, setFacts] = useState(['one'])
  return (
    <form>
      {facts.map((fact, i) => (
        <input key={i} aria-label={`Fact ${i + 1}`} defaultValue={fact} />
      ))}
      <AddButton onClick={() => setFacts([...facts, ''])}>Add a fact</AddButton>
    </form>
  )
}

test('the cursor goes into what was added', async () => {
  Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true })
  const place = document.body.appendChild(document.createElement('div'))
  await act(async () => createRoot(place).render(<Facts />))
  const button = place.querySelector('button') as HTMLButtonElement
  button.focus()
  await act(async () => button.click())
  await act(async () => new Promise((done) => requestAnimationFrame(() => setTimeout(done))))
  expect(document.activeElement?.getAttribute('aria-label')).toBe('Fact 2')
})

const sources: Record<string, string> = import.meta.glob('../../**/*.tsx', {
  query: '?raw',
  import: 'default',
  eager: true,
})

/** They open a dialog, which takes the keyboard by itself. */
const OPENS = /Add a (section|person|passkey)/

test('every button that adds something puts the cursor into it', () => {
  const found: string[] = []
  let seen = 0
  for (const [file, source] of Object.entries(sources)) {
    if (file.endsWith('.test.tsx')) continue
    const buttons = /<(\w*Button)\b(?:(?!<\/\w*Button>)[\s\S])*?>\s*(?:\{[^}]*')?(Add an? [a-z ]+)/g
    for (const [, tag, label] of source.matchAll(buttons)) {
      seen++
      if (tag !== 'AddButton' && !OPENS.test(label)) found.push(`${file}: ${label}`)
    }
  }
  expect(found).toEqual([])
  expect(seen).toBeGreaterThan(10)
})
