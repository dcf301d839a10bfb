import { act } from 'react'
import { createRoot } from 'react-dom/client'
import { beforeEach, expect, test } from 'vitest'
import { useTyped } from './useTyped'

function Field({ of }: { of: string }) {
  const [words, setWords] = useTyped(of)
  return (
    <>
      <output>{words}</output>
      <button type="button" onClick={() => setWords(`${words}x`)}>
        type
      </button>
      <button type="button" onClick={() => setWords('')}>
        add
      </button>
    </>
  )
}

beforeEach(() => {
  Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true })
  localStorage.clear()
})

async function shown(of: string) {
  const place = document.body.appendChild(document.createElement('div'))
  const root = createRoot(place)
  await act(async () => root.render(<Field of={of} />))
  const [type, add] = place.querySelectorAll('button')
  return {
    words: () => place.querySelector('output')?.textContent,
    types: () => act(async () => type.click()),
    adds: () => act(async () => add.click()),
    leaves: () => act(async () => root.unmount()),
  }
}

test('what was typed is there again, in its own field only, until it was added', async () => {
  const first = await shown('one')
  await first.types()
  await first.types()
  await first.leaves()
  expect((await shown('two')).words()).toBe('')
  const again = await shown('one')
  expect(again.words()).toBe('xx')
  await again.adds()
  await again.leaves()
  expect((await shown('one')).words()).toBe('')
})
