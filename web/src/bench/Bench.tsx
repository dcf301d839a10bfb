import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useLayoutEffect, useState } from 'react'
import { Link, useLocation, useParams } from 'react-router'
import { answer, client, Problem } from '../shared/api/client'
import { windowPerson } from '../shared/api/person'
import { useOffered, useSession, useWriting } from '../shared/api/queries'
import type { ItemView, Person, Toolset, Writing } from '../shared/api/types'
import { askFor } from '../shared/store/asked'
import { useChanges } from '../shared/store/changes'
import type { Begun } from '../shared/store/newItem'
import { Sheet, type Sources } from '../sheet'
import { BenchScreen } from './BenchScreen'
import { dropBackup, readBackup } from './state/backup'
import { isKept } from './state/fields'
import { Saver } from './state/saver'

/** Opens an item on the bench. */
export default function Bench() {
  const { key = '' } = useParams()
  const session = useSession()
  const item = useQuery({
    queryKey: ['bench', key],
    queryFn: () => answer(client.GET('/editor/api/items/{key}', { params: { path: { key } } })),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  })
  const writing = useWriting()
  const offered = useOffered(item.data?.state.kind ?? '')
  const person = windowPerson() ?? session.data?.person
  // What is there already stays, whatever becomes of asking for it again: somebody is writing on it.
  const failed = [item, writing, offered].find((asked) => asked.error && !asked.data)?.error
  if (failed instanceof Problem && failed.status === 404) return <NotThere />
  if (failed) return <p className="p-8 text-rust">{failed.message}</p>
  if (!item.data || !writing.data || !offered.data || !person)
    return <p className="p-8 text-soft">Opening the bench …</p>
  return (
    <Opened key={key} item={item.data} writing={writing.data} toolset={offered.data.toolset ?? null} person={person} />
  )
}

function NotThere() {
  return (
    <div className="p-8">
      <p>There is no such item. Perhaps its address was mistyped, or it was left with nothing written in it.</p>
      <Link to="/worklist" className="underline">
        Go to the worklist
      </Link>
    </div>
  )
}

/** What the sheet is told by the server while it shows an item. */
function sourcesFor(key: string): Sources {
  return {
    takePicture: (address) => answer(client.POST('/editor/api/intake/picture', { body: { address } })),
    frameOf: (given) => answer(client.GET('/editor/api/writing/embed', { params: { query: { given } } })),
    slug: async (words) =>
      (await answer(client.GET('/editor/api/writing/slug', { params: { query: { words } } }))).text,
    latest: (section, topic, count) => {
      const query = { section, topic, except: key, count }
      return answer(client.GET('/editor/api/writing/latest', { params: { query } }))
    },
  }
}

/** The sheet and what keeps it, together for as long as the item is open. */
function open(item: ItemView, writing: Writing, person: Person): { sheet: Sheet; saver: Saver } {
  const { key } = item.state
  const left = readBackup(key, person)
  const fresh = left && !isKept(left.content, item)
  const body = fresh ? left.content.body : item.content.body
  const sheet = new Sheet(body, item.state.language, writing, sourcesFor(key))
  sheet.itemKind = item.state.kind
  const saver = new Saver(item, () => sheet.html(), person)
  sheet.hooks.edit = () => saver.touch()
  sheet.hooks.dropped = (piece) => saver.noteDropped(piece)
  saver.onTaken = ({ told, content }) => {
    sheet.replace(content.body)
    saver.change({ values: content.values })
    sheet.tell(told)
  }
  saver.onNewer = ({ state, content }) => {
    sheet.take(content.body)
    const who =
      state.changed.by === person.name
        ? 'You saved a newer text in another window'
        : `${state.changed.by} saved a newer text`
    sheet.tell(`${who}. It is shown here now.`)
  }
  // A text that never reached the server is shown again, and sent.
  if (fresh) saver.bringBack(left)
  else dropBackup(key, person)
  return { sheet, saver }
}

interface OpenedProps {
  item: ItemView
  writing: Writing
  toolset: Toolset | null
  person: Person
}

function Opened({ item, writing, toolset, person }: OpenedProps) {
  const [{ sheet, saver }] = useState(() => open(item, writing, person))
  useLayoutEffect(() => sheet.offer(toolset), [sheet, toolset])
  const { state } = useLocation()
  const { begun, told } = (state as Partial<Begun> | null) ?? {}
  useEffect(() => saver.subscribe(() => sheet.writeIn(saver.snapshot().state.language)), [saver, sheet])
  useChanges(
    saver.key,
    useCallback(() => saver.lookAgain(), [saver]),
    useCallback((revision) => saver.hear(revision), [saver]),
  )
  useEffect(() => {
    // In a new item the title waits to be written; in any other the text.
    if (begun) askFor('title')
    else sheet.focus()
  }, [begun, sheet])
  useEffect(() => {
    addEventListener('pagehide', saver.leave)
    return () => {
      removeEventListener('pagehide', saver.leave)
      saver.close()
    }
  }, [saver])
  return <BenchScreen saver={saver} sheet={sheet} toolset={toolset} tell={told} />
}
