import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client, Problem, withFile } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import type { Replaced } from '../shared/api/types'
import { Button, TextButton } from '../shared/ui/Button'
import { download } from '../shared/ui/download'
import { Headway } from './Headway'

/** The whole site as one archive of readable files, out and in. */
export function WholeSite() {
  const refresh = useRefresh()
  const [file, setFile] = useState<File | null>(null)
  const [working, setWorking] = useState(false)
  const [done, setDone] = useState<Replaced | null>(null)
  const [problem, setProblem] = useState('')
  const [empties, setEmpties] = useState(false)
  const missing = useQuery({ queryKey: ['missing'], queryFn: () => answer(client.GET('/editor/api/archive/missing')) })
  const gone = missing.data?.assets ?? []

  async function act(work: () => Promise<Replaced>) {
    setProblem('')
    setEmpties(false)
    setWorking(true)
    try {
      setDone(await work())
      setFile(null)
      await refresh()
    } catch (error) {
      setProblem((error as Error).message)
      setEmpties(error instanceof Problem && error.details.empties === true)
    } finally {
      setWorking(false)
    }
  }

  function bringIn(emptying: boolean) {
    if (!file) return
    act(() => answer(client.POST('/editor/api/archive/site', { ...withFile(file), params: { query: { emptying } } })))
  }

  return (
    <section aria-label="The whole site" className="grid grid-cols-[minmax(0,1fr)] gap-3 md:col-span-2">
      <h2 className="font-semibold font-serif text-large">The whole site</h2>
      <p className="max-w-3xl text-soft">
        One zip of readable files: each item as HTML with its fields in front, the assets, the outlines, the messages
        and the set-up. Passwords are not in it.
      </p>
      <p>
        <Button onClick={() => download('/editor/api/archive/site')}>Download the site</Button>
      </p>
      {gone.length > 0 && (
        <p className="text-rust">
          The bytes of {gone.length === 1 ? 'one file are' : `${gone.length} files are`} not in the store, and will be
          missing in an archive: {gone.slice(0, 10).join(', ')}
          {gone.length > 10 && ' …'}. Bring {gone.length === 1 ? 'it' : 'them'} in again.
        </p>
      )}
      <div className="flex flex-wrap items-center gap-3">
        <label className="flex min-w-0 max-w-full flex-wrap items-center gap-2">
          <span className="font-semibold">A site’s archive</span>
          <input
            type="file"
            className="min-w-0 max-w-full"
            accept=".zip"
            disabled={working}
            onChange={(e) => setFile(e.target.files?.[0] ?? null)}
          />
        </label>
        <Button blocked={file ? '' : 'Pick an archive first.'} onClick={() => bringIn(false)}>
          Put it in the place of this site
        </Button>
      </div>
      <Headway soon={working} />
      <p role="status">
        {working && 'Working; this may take a minute …'}
        {done && !working && (
          <>
            The site now has {done.items} items and {done.assets} assets.{' '}
            {done.inReview > 0 &&
              `${done.inReview === 1 ? 'One item was' : `${done.inReview} items were`} cleared or scheduled there; here somebody has to decide again, so ${done.inReview === 1 ? 'it is' : 'they are'} in review. `}
            {done.missing.length > 0 &&
              `What was there before was kept without ${done.missing.length} files whose bytes were gone. `}
            <TextButton
              onClick={() =>
                act(() =>
                  answer(client.POST('/editor/api/archive/before/{name}', { params: { path: { name: done.before } } })),
                )
              }
            >
              Undo: bring back what was there before
            </TextButton>
          </>
        )}
      </p>
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
      {empties && (
        <Button className="justify-self-start" onClick={() => bringIn(true)}>
          Empty the site all the same
        </Button>
      )}
    </section>
  )
}
