import { useQueryClient } from '@tanstack/react-query'
import { lazy, type ReactNode, Suspense, useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { setWindowPerson } from '../../shared/api/person'
import type { Person, Session } from '../../shared/api/types'
import { useOpenNew } from '../../shared/store/newItem'
import { Button } from '../../shared/ui/Button'
import { SignInAgain } from '../../shared/ui/SignInAgain'
import { backToText } from '../../sheet'
import { useBench, useSaved } from '../state/context'

const CompareDialog = lazy(() => import('./CompareDialog'))

/** The time of day of something that just happened. */
function at(instant: string): string {
  return new Date(instant).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
}

/**
 * What stands between the text and the server, told in a strip above the sheet. It takes no keyboard: one goes on
 * writing, what is typed is kept in the browser, and whatever is to be decided waits until somebody opens it.
 */
export function Interruption({ onTold }: { onTold: (told: ReactNode) => void }) {
  const { saver, sheet } = useBench()
  const status = useSaved((now) => now.status)
  const [open, setOpen] = useState<'compare' | 'sign-in' | null>(null)
  const queries = useQueryClient()
  const openNew = useOpenNew()

  function close() {
    backToText(sheet, () => setOpen(null))
  }

  /** Goes on as somebody who has signed in. */
  function signedIn(person: Person) {
    queries.setQueryData<Session>(['session'], (was) => (was ? { ...was, person } : was))
    saver.resume(person)
    close()
  }

  async function underOtherName() {
    const { person } = await answer(client.GET('/editor/api/session'))
    if (!person) return
    setWindowPerson(person)
    queries.setQueryData<Session>(['session'], (was) => (was ? { ...was, person } : was))
    saver.hand(person)
    sheet.focus()
  }

  async function asNewItem() {
    try {
      const content = saver.content()
      const { title, body } = content
      const made = await answer(
        client.POST('/editor/api/items', { body: { kind: saver.snapshot().state.kind, title, body } }),
      )
      // The fields beside the text go along; the address was the old item's.
      await answer(
        client.PUT('/editor/api/items/{key}', {
          params: { path: { key: made.state.key } },
          body: { revision: made.state.revision, content: { ...content, slug: undefined } },
        }),
      )
      openNew(made.state.key)
    } catch (error) {
      onTold((error as Error).message)
    }
  }

  let told: ReactNode = null
  if (status.is === 'conflict') {
    const { changedBy, own, changedAt } = status.conflict
    told = (
      <>
        <p className="min-w-0 flex-1">
          <b>{own ? 'You saved another text in another window of yours' : `${changedBy} saved another text`}</b> at{' '}
          {at(changedAt)}. Write on: your words are kept here, and nothing is decided until you choose.
        </p>
        <Button onClick={() => setOpen('compare')}>Compare and choose</Button>
      </>
    )
  } else if (status.is === 'signed-out') {
    told = (
      <>
        <p className="min-w-0 flex-1">
          <b>You are signed out.</b> Write on: your words are kept here, and are saved once you are signed in again.
        </p>
        <Button onClick={() => setOpen('sign-in')}>Sign in again</Button>
      </>
    )
  } else if (status.is === 'other-person') {
    told = (
      <>
        <p className="min-w-0 flex-1">
          <b>{status.name} is signed in here now.</b> These words are {saver.writer.name}’s; they are kept here, and are
          not saved under another name unasked.
        </p>
        <Button onClick={() => setOpen('sign-in')}>Sign in as {saver.writer.name}</Button>
        <Button onClick={underOtherName}>Save them as {status.name}’s</Button>
      </>
    )
  } else if (status.is === 'gone') {
    told = (
      <>
        <p className="min-w-0 flex-1">
          <b>This item is not there any more.</b> Your words are kept here.
        </p>
        <Button onClick={asNewItem}>Make a new item of them</Button>
      </>
    )
  }

  return (
    <>
      <div aria-live="polite">
        {told && (
          <section
            aria-label="What holds saving up"
            data-region
            className="flex flex-wrap items-center gap-x-3 gap-y-1 border-rust border-b-2 bg-straw px-5 py-1.5"
          >
            {told}
          </section>
        )}
      </div>
      {open === 'sign-in' && <SignInAgain onDone={signedIn} onClose={close} />}
      {open === 'compare' && status.is === 'conflict' && (
        <Suspense fallback={null}>
          <CompareDialog conflict={status.conflict} onTold={onTold} onClose={close} />
        </Suspense>
      )}
    </>
  )
}
