import { useState } from 'react'
import { Link } from 'react-router'
import { answer, client } from '../shared/api/client'
import { Button, TextButton } from '../shared/ui/Button'
import { ItemPick, useTitles } from '../shared/ui/ItemPick'
import { useOnce } from '../shared/ui/useOnce'

interface Props {
  /** The address of the page. */
  where: string
  title: string
  /** The section the text is of, or empty. */
  section: string
  composed: string
  listed: boolean
  set: (part: { composed?: string; listed?: boolean }) => void
}

/** What stands above the list of a page, or in its place: the text of an item, composed of blocks like any other. */
export function Composed({ where, title, section, composed, listed, set }: Props) {
  const titleOf = useTitles(composed ? [composed] : [])
  const once = useOnce()
  const [problem, setProblem] = useState('')

  async function make() {
    setProblem('')
    try {
      const list = `<div class="item-list" data-section="${section}" data-count="5"></div>`
      const body = `<p>What stands on ${where} is composed here, of any blocks.</p>${list}`
      const made = await answer(client.POST('/editor/api/items', { body: { kind: 'page', title, body } }))
      set({ composed: made.state.key })
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  return (
    <fieldset className="grid gap-2">
      <legend className="font-semibold">Composed of blocks</legend>
      {composed ? (
        <>
          <p>
            The text of{' '}
            <Link to={`/items/${composed}`} className="text-petrol underline underline-offset-2">
              {titleOf(composed)}
            </Link>{' '}
            stands here once it is live; its own address leads here.
          </p>
          <label className="flex items-center gap-2">
            <input type="checkbox" checked={listed} onChange={(e) => set({ listed: e.target.checked })} />
            The list of items stands below it
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
