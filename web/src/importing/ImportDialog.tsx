import { type DragEvent, type FormEvent, useRef, useState } from 'react'
import { flushSync } from 'react-dom'
import { Link } from 'react-router'
import { useKinds } from '../shared/api/kinds'
import { useRefresh } from '../shared/api/queries'
import type { Imported, Kind } from '../shared/api/types'
import { ENDINGS, formatsInWords } from '../shared/base/formats'
import { useTyped } from '../shared/form/useTyped'
import type { ImportWanted } from '../shared/store/importing'
import { useOpenNew } from '../shared/store/newItem'
import { Button } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { Dialog, DialogButtons } from '../shared/ui/Dialog'
import { Input } from '../shared/ui/Field'
import { KindSelect } from '../shared/ui/KindSelect'
import { offerWords } from '../sheet'
import { Review } from './Review'
import { beginItem, type Choice, readAddress, readFile, unchosen } from './reading'

type Where = 'new' | 'replace' | 'cursor' | 'end'

const places: { where: Where; name: string }[] = [
  { where: 'cursor', name: 'At the cursor' },
  { where: 'end', name: 'At the end of the text' },
  { where: 'replace', name: 'In place of the text; Undo brings the old one back' },
  { where: 'new', name: 'As a new item' },
]

/** What became of one file. */
interface Line {
  name: string
  sentence: string
  key?: string
  failed?: boolean
}

type Read = (choice: Choice) => Promise<Imported>

/** Something that was read, and leaves something open; `newest` is what the choice shown will give. */
interface Unsure {
  imported: Imported
  name: string
  choice: Choice
  read: Read
  newest: Promise<Imported>
}

function leavesOpen({ encoding, result }: Imported): boolean {
  return encoding.others.length > 0 || result.offers.length > 0 || result.other !== result.mode
}

interface Props extends ImportWanted {
  onClose: () => void
}

/** Brings files or a page of the web in. */
export default function ImportDialog({ files: given, into, onClose }: Props) {
  const [files, setFiles] = useState(given)
  const [address, setAddress] = useTyped('import-address')
  const [where, setWhere] = useState<Where>(into ? 'cursor' : 'new')
  const [kind, setKind] = useState<Kind>('')
  const [lines, setLines] = useState<Line[]>([])
  const [state, setState] = useState<'asking' | 'working' | 'unsure' | 'done'>('asking')
  const [problem, setProblem] = useState('')
  const [unsure, setUnsure] = useState<Unsure | null>(null)
  const stopped = useRef(false)
  const readings = useRef(0)
  const kinds = useKinds()
  const becomes = kind || (kinds[0]?.name ?? '')
  const refresh = useRefresh()
  const openNew = useOpenNew()
  const empty = !!into?.isEmpty()
  const many = files.length > 1
  const asks = !!into && !many
  const goes: Where = !into || many ? 'new' : where

  function pick(more: FileList | File[]) {
    setFiles([...more])
    setAddress('')
    setProblem('')
  }

  async function one(read: Read, name: string) {
    try {
      setState('working')
      const imported = await read(unchosen)
      // Where nobody can tell how its letters are written, or what its lines are, whoever brings it in looks first.
      if (leavesOpen(imported)) {
        setUnsure({ imported, name, choice: unchosen, read, newest: Promise.resolve(imported) })
        setState('unsure')
      } else await bring(imported, name)
    } catch (error) {
      setProblem((error as Error).message)
      setState('asking')
    }
  }

  async function again(choice: Choice) {
    if (!unsure) return
    setProblem('')
    const mine = ++readings.current
    const newest = unsure.read(choice)
    setUnsure({ ...unsure, choice, newest })
    try {
      const imported = await newest
      // Of two choices made in quick succession, the later one counts, whichever answer comes first.
      if (mine === readings.current) setUnsure({ ...unsure, choice, newest, imported })
    } catch (error) {
      if (mine !== readings.current) return
      setProblem((error as Error).message)
      // What is marked as chosen is again what the text shown is read with.
      setUnsure(unsure)
      unsure.newest.then((imported) => setUnsure({ ...unsure, imported })).catch(() => {})
    }
  }

  async function bring({ title, result }: Imported, name: string) {
    setAddress('')
    if (goes === 'new') {
      const { key, told } = await beginItem(becomes, { title, body: result.body })
      onClose()
      openNew(key, told)
      return
    }
    if (!into) return
    // The dialog lets nobody else have the keyboard: it goes first, so that the next key is one for the text.
    flushSync(onClose)
    into.put(result, goes)
    into.tell(`“${name}”: ${result.sentence} ${result.notes.join(' ')} Undo takes it out again.`)
  }

  async function all() {
    setState('working')
    stopped.current = false
    for (const file of files) {
      if (stopped.current) {
        report({ name: file.name, sentence: 'Not begun; it was stopped before.', failed: true })
        continue
      }
      try {
        const brought = await readFile(file, true)
        const { key, told } = await beginItem(becomes, { title: brought.title, body: brought.result.body })
        const { name, others } = brought.encoding
        const letters = others.length ? ` Read as ${name}; bring it in alone to choose another way.` : ''
        const open = brought.result.offers.map((o) => ` ${offerWords[o.kind](o.lines.length).open}.`).join('')
        report({ name: file.name, sentence: brought.result.sentence + letters + open + (told && ` ${told}`), key })
      } catch (error) {
        // The line begins with the name already.
        const sentence = (error as Error).message.replace(`“${file.name}”: `, '')
        report({ name: file.name, sentence, failed: true })
      }
    }
    refresh()
    setState('done')
  }

  function report(line: Line) {
    setLines((was) => [...was, line])
  }

  /** What the text will join. */
  function joined() {
    if (!into || goes === 'new') return undefined
    return { namesInUse: goes === 'replace' ? [] : into.namesInUse(), language: into.language(), kind: into.kind() }
  }

  function submit(e: FormEvent) {
    e.preventDefault()
    e.stopPropagation()
    setProblem('')
    if (state === 'unsure' && unsure) {
      setState('working')
      // Whoever chooses and presses at once gets what was chosen, not what was still shown.
      unsure.newest
        .then((imported) => bring(imported, unsure.name))
        .catch((error) => {
          setProblem((error as Error).message)
          setState('unsure')
        })
      return
    }
    if (state !== 'asking') return
    if (many) all()
    else if (files.length) one((choice) => readFile(files[0], goes === 'new', joined(), choice), files[0].name)
    else if (address.trim()) one((choice) => readAddress(address, joined(), choice), address.trim())
  }

  const made = lines.filter((l) => !l.failed).length
  const title = state === 'asking' ? 'Import' : many ? 'Importing' : 'Import'
  return (
    <Dialog
      open
      wide={many || state === 'unsure'}
      firm={state === 'working'}
      onClose={onClose}
      title={title}
      about={`Bring in ${formatsInWords}, or a page of the web. Everything is cleaned on the way in.`}
    >
      <form onSubmit={submit} className="grid gap-4">
        {state === 'asking' && <Pick files={files} pick={pick} />}
        {state === 'asking' && !files.length && (
          <Input
            label="Or the address of a page"
            placeholder="https://"
            hint="Its main text is found and brought in, with a line that says where it is from."
            value={address}
            onChange={(e) => setAddress(e.target.value)}
          />
        )}
        {state === 'asking' && asks && (
          <fieldset className="grid gap-1">
            <legend className="mb-1 font-semibold">Where it goes</legend>
            {places
              .filter((p) => !empty || p.where === 'cursor' || p.where === 'new')
              .map((p) => (
                <label key={p.where} className="flex items-center gap-2">
                  <input type="radio" name="where" checked={where === p.where} onChange={() => setWhere(p.where)} />
                  {empty && p.where === 'cursor' ? 'Into this item' : p.name}
                </label>
              ))}
          </fieldset>
        )}
        {state === 'asking' && goes === 'new' && (
          <KindSelect kinds={kinds} value={becomes} pick={setKind} multiple={many} />
        )}
        {problem && (
          <p role="alert" className="text-rust">
            {problem}
          </p>
        )}
        {state === 'unsure' && unsure && <Review read={unsure.imported} choice={unsure.choice} again={again} />}
        {state === 'working' && !many && <p role="status">Reading …</p>}
        {many && state !== 'asking' && (
          <>
            <p role="status">
              {state === 'done'
                ? `${made} of ${files.length} became items.`
                : `${lines.length + 1} of ${files.length}: “${files[lines.length]?.name ?? ''}” …`}
            </p>
            <progress aria-label="Files done" className="w-full" max={files.length} value={lines.length} />
            <ul aria-label="Report" className="grid max-h-80 gap-1 overflow-auto">
              {lines.map((l, i) => (
                <li key={i} className={cx(l.failed && 'text-rust')}>
                  {l.failed ? '✕ ' : '✓ '}
                  {l.key ? (
                    <Link to={`/items/${l.key}`} onClick={onClose} className="font-semibold underline">
                      {l.name}
                    </Link>
                  ) : (
                    <b>{l.name}</b>
                  )}{' '}
                  {l.sentence}
                </li>
              ))}
            </ul>
          </>
        )}
        <DialogButtons>
          {state === 'working' && many && <Button onClick={() => (stopped.current = true)}>Stop after this one</Button>}
          {(state === 'asking' || state === 'unsure') && <Button onClick={onClose}>Cancel</Button>}
          {state === 'asking' && (
            <Button
              look="main"
              type="submit"
              blocked={files.length || address.trim() ? '' : 'Pick a file or give an address first.'}
            >
              {many ? `Make ${files.length} items` : 'Bring it in'}
            </Button>
          )}
          {state === 'unsure' && (
            <Button ref={focused} look="main" type="submit">
              Bring it in like this
            </Button>
          )}
          {state === 'done' && (
            <Button look="main" onClick={onClose}>
              Close
            </Button>
          )}
        </DialogButtons>
      </form>
    </Dialog>
  )
}

/** What one most likely presses next has the keyboard. */
function focused(button: HTMLButtonElement | null) {
  button?.focus({ preventScroll: true })
}

function Pick({ files, pick }: { files: File[]; pick: (files: FileList | File[]) => void }) {
  const [over, setOver] = useState(false)
  function drop(e: DragEvent) {
    e.preventDefault()
    setOver(false)
    if (e.dataTransfer.files.length) pick(e.dataTransfer.files)
  }
  return (
    <label
      onDragOver={(e) => {
        e.preventDefault()
        setOver(true)
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
      className={cx(
        'grid cursor-pointer gap-1 rounded-3 border border-dashed p-4 focus-within:outline-2 focus-within:outline-petrol',
        over ? 'border-petrol bg-straw' : 'border-edge bg-sheet',
      )}
    >
      <span className="font-semibold">{files.length ? 'Files' : 'Pick files, or drop them here'}</span>
      {files.length > 0 && (
        <span className="text-soft">
          {files
            .slice(0, 8)
            .map((f) => f.name)
            .join(', ')}
          {files.length > 8 ? ` and ${files.length - 8} more` : ''}
        </span>
      )}
      <input
        type="file"
        multiple
        accept={ENDINGS.join()}
        aria-label="Files"
        onChange={(e) => e.target.files?.length && pick(e.target.files)}
      />
    </label>
  )
}
