import { useState } from 'react'
import { Link } from 'react-router'
import { Button, TextButton } from '../shared/ui/Button'
import { ItemPick, useTitles } from '../shared/ui/ItemPick'
import { useOnce } from '../shared/ui/useOnce'
import { BEGIN } from './begunText'

interface Props {
  composed: string
  listed: boolean
  set: (part: { composed?: string; listed?: boolean }) => void
  /** Begins a text for the page, or has it begun once all of the form is kept. */
  begin: () => unknown
}

/** What stands above the list of a page, or in its place: the text of an item, composed of blocks like any other. */
export function Composed({ composed, listed, set, begin }: Props) {
  const titleOf = useTitles(composed && composed !== BEGIN ? [composed] : [])
  const once = useOnce()
  const [problem, setProblem] = useState('')

  async function make() {
    setProblem('')
    try {
      await begin()
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  return (
    <fieldset className="grid gap-2">
      <legend className="font-semibold">Composed of blocks</legend>
      {composed ? (
        <>
          {composed === BEGIN ? (
            <p>
              A text for this page is begun with this change, and opened for you to write. It is shown here once it is
              live.
            </p>
          ) : (
            <p>
              The text of{' '}
              <Link to={`/items/${composed}`} className="text-petrol underline underline-offset-2">
                {titleOf(composed)}
              </Link>{' '}
              is shown here once it is live; its own address leads here.
            </p>
          )}
          <label className="flex items-center gap-2">
            <input type="checkbox" checked={listed} onChange={(e) => set({ listed: e.target.checked })} />
            The list of items is shown below it
          </label>
          <TextButton className="justify-self-start" onClick={() => set({ composed: '', listed: true })}>
            Show the list alone
          </TextButton>
        </>
      ) : (
        <>
          <p className="text-small text-soft">
            The page can begin with a text of its own: headings, pictures, columns, lists of items.
          </p>
          <Button className="justify-self-start" onClick={() => once(make)}>
            Begin a text for it
          </Button>
          <ItemPick
            label="Or take the text of an item"
            hint="A few letters of its title."
            onPick={(key) => set({ composed: key })}
          />
        </>
      )}
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
    </fieldset>
  )
}
