import { useState } from 'react'
import { Link } from 'react-router'
import { answer, client } from '../shared/api/client'
import { useInbox, useRefresh } from '../shared/api/queries'
import type { Message } from '../shared/api/types'
import { changeOn, on } from '../shared/form/change'
import { Button, TextButton } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { Place } from '../shared/ui/Place'
import { useTitle } from '../shared/ui/useTitle'

/** What visitors wrote through the forms of the site. */
export function Inbox() {
  useTitle('Inbox')
  const inbox = useInbox()
  const refresh = useRefresh()
  const [picked, setPicked] = useState<number | null>(null)
  const [problem, setProblem] = useState('')
  const messages = inbox.data?.messages ?? []
  const open = messages.find((m) => m.id === picked) ?? null

  async function pick(m: Message) {
    setPicked(m.id)
    if (!m.read) await mark(m, true)
  }

  async function act(work: () => Promise<unknown>) {
    setProblem('')
    try {
      await work()
    } catch (error) {
      setProblem((error as Error).message)
    }
    refresh()
  }

  const at = ({ id, revision }: Message) => ({ params: { path: { id }, header: on(revision) } })

  const mark = (m: Message, read: boolean) =>
    act(() =>
      changeOn(m, 'any', (now) => answer(client.PUT('/editor/api/messages/{id}', { ...at(now), body: { read } }))),
    )

  const remove = (m: Message) =>
    act(async () => {
      await changeOn(m, ['answers'], (now) => answer(client.DELETE('/editor/api/messages/{id}', at(now))))
      setPicked(null)
    })

  return (
    <Place title="Inbox" about="What visitors wrote through the contact forms of the site.">
      {(inbox.error || problem) && (
        <p role="alert" className="text-rust">
          {problem || inbox.error?.message}
        </p>
      )}
      {inbox.data && !messages.length && (
        <p>
          No messages yet. They arrive here once an item with a contact form is live and a visitor has written. Put a
          contact form into a text by the tool Insert.
        </p>
      )}
      {messages.length > 0 && (
        <div className="grid items-start gap-8 md:grid-cols-[20rem_1fr]">
          <ul aria-label="Messages" className="border-line border-t">
            {messages.map((m) => (
              <li key={m.id} className="border-line border-b">
                <button
                  type="button"
                  onClick={() => pick(m)}
                  aria-current={m.id === picked || undefined}
                  className={cx(
                    'grid w-full gap-0.5 border-l-3 px-3 py-2 text-left -outline-offset-2',
                    m.id === picked ? 'border-petrol bg-desk' : 'border-transparent hover:bg-desk',
                  )}
                >
                  <span className={cx('truncate', !m.read && 'font-semibold')}>
                    {m.read ? '' : '● '}
                    {first(m)}
                    {!m.read && <span className="sr-only"> (unread)</span>}
                  </span>
                  <span className="truncate text-small text-soft">
                    {new Date(m.receivedAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}, from
                    “{m.itemTitle}”
                  </span>
                </button>
              </li>
            ))}
          </ul>
          {open ? (
            <article aria-label="The message" className="grid gap-5">
              <dl className="grid gap-3">
                {open.answers.map((a) => (
                  <div key={a.label}>
                    <dt className="text-soft">{a.label}</dt>
                    <dd className="whitespace-pre-wrap text-large">{a.text || '(left empty)'}</dd>
                  </div>
                ))}
              </dl>
              <p className="flex flex-wrap items-center gap-3">
                <Button onClick={() => mark(open, !open.read)}>{open.read ? 'Mark as unread' : 'Mark as read'}</Button>
                <Button onClick={() => remove(open)}>Delete</Button>
                <Link to={`/items/${open.itemKey}`} className="underline">
                  Open “{open.itemTitle}”
                </Link>
              </p>
              <section>
                <h2 className="font-semibold">The mail that would go out</h2>
                <p className="text-soft">
                  No mail leaves this machine: a stand-in shows what would be sent. The address is set in Set-up.
                </p>
                {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a long letter is scrolled by keyboard */}
                <pre tabIndex={0} className="mt-2 overflow-auto whitespace-pre-wrap border border-line bg-sheet p-3">
                  {open.letter}
                </pre>
              </section>
            </article>
          ) : (
            <p className="text-soft">Pick a message to read it.</p>
          )}
        </div>
      )}
      <p className="mt-4">
        <TextButton onClick={() => refresh()}>Look for new messages</TextButton>
      </p>
    </Place>
  )
}

function first(m: Message): string {
  return m.answers.find((a) => a.text)?.text.slice(0, 80) ?? 'Empty message'
}
