import { type RefObject, useEffect, useRef, useState } from 'react'
import { answer, client } from '../../shared/api/client'
import type { TypedMarkup } from '../../shared/api/types'
import { Button } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { Dialog, DialogButtons } from '../../shared/ui/Dialog'
import { useSheet } from '../../sheet'
import { useBench } from '../state/context'
import { changeOnto } from './change'
import { type MarkupEditor, type MarkupLanguage, makeEditor, wrappers } from './editor'

interface Props {
  /** Set to what must be asked before the view is left. */
  leave: RefObject<() => Promise<boolean>>
  toWrite: () => void
}

const languages: { language: MarkupLanguage; name: string }[] = [
  { language: 'HTML', name: 'HTML' },
  { language: 'MARKDOWN', name: 'Markdown' },
]

/** The item as HTML or Markdown. What cleaning would change is shown before it is taken. */
export default function Markup({ leave, toWrite }: Props) {
  const sheet = useSheet()
  const place = useRef<HTMLDivElement>(null)
  const editor = useRef<MarkupEditor | null>(null)
  /** The text as it stood in this view when it was last the same as the sheet. */
  const start = useRef('')
  const [language, setLanguage] = useState<MarkupLanguage>('HTML')
  const [shown, setShown] = useState<MarkupLanguage | null>(null)
  const [problem, setProblem] = useState('')
  const [reading, setReading] = useState<TypedMarkup | null>(null)
  const [asked, setAsked] = useState<{ read: TypedMarkup; then: (go: boolean) => void } | null>(null)

  useEffect(() => {
    const made = makeEditor(place.current as HTMLElement, sheet.writing.elements, {
      check: read,
      changed: () => take(),
    })
    editor.current = made
    return () => {
      clearTimeout(timer.current)
      made.destroy()
    }
  }, [sheet])

  const { saver } = useBench()
  const [newer, setNewer] = useState(0)
  /** The body that is shown here, as the sheet has it. */
  const kept = useRef('')

  // What is typed here and not read yet must not be overtaken by a newer text; a newer text is shown here too.
  useEffect(() => {
    saver.isTyping = () => !!editor.current && editor.current.text() !== start.current
    const heard = sheet.subscribe(() => {
      if (!saver.isTyping() && sheet.html() !== kept.current) setNewer((n) => n + 1)
    })
    return () => {
      saver.isTyping = () => false
      heard()
    }
  }, [saver, sheet])

  useEffect(() => {
    let gone = false
    const body = sheet.html()
    kept.current = body
    setProblem('')
    answer(client.POST('/editor/api/writing/markup', { body: { language, text: body } }))
      .then(({ text }) => {
        const now = editor.current
        if (gone || !now) return
        if (!newer || now.language() !== language) now.show(text, language)
        else {
          const change = changeOnto(now.text(), start.current, text)
          // Both are kept, and shown beside each other.
          if (!change) return saver.doubt()
          now.follow(change)
        }
        start.current = text
        setShown(language)
      })
      .catch((e: Error) => setProblem(e.message))
    return () => {
      gone = true
    }
  }, [language, sheet, newer])

  /** What was read last; looking it over, keeping it and leaving ask for the same text. */
  const last = useRef<{ text: string; language: MarkupLanguage; reading: Promise<TypedMarkup> } | null>(null)

  async function read(text: string, language: MarkupLanguage): Promise<TypedMarkup> {
    if (last.current?.text !== text || last.current.language !== language) {
      const reading = answer(client.POST('/editor/api/writing/markup/reading', { body: { language, text } }))
      last.current = { text, language, reading }
      // What failed is asked for again.
      reading.catch(() => {
        last.current = null
      })
    }
    const found = await last.current.reading
    setReading(found)
    return found
  }

  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)

  /** While one types here, what it is read as is kept: nothing typed is ever only on this screen. */
  function take() {
    clearTimeout(timer.current)
    timer.current = setTimeout(async () => {
      try {
        await adopt()
      } catch (e) {
        setProblem(`${(e as Error).message} What you typed here is kept in this window.`)
      }
    }, 600)
  }

  async function adopt() {
    const now = editor.current
    if (!now || now.text() === start.current) return
    const text = now.text()
    const { body } = await read(text, now.language())
    kept.current = body
    if (body !== sheet.html()) sheet.replace(body)
    kept.current = sheet.html()
    start.current = text
    setProblem('')
  }

  useEffect(() => {
    leave.current = async () => {
      clearTimeout(timer.current)
      const now = editor.current
      if (!now) return true
      try {
        await adopt()
        if (!now.touched()) return true
        const found = await read(now.text(), now.language())
        if (!found.changes.length) return true
        return await new Promise<boolean>((then) => setAsked({ read: found, then }))
      } catch (e) {
        setProblem((e as Error).message)
        return false
      }
    }
    return () => {
      leave.current = async () => true
    }
  })

  async function choose(next: MarkupLanguage) {
    if (next === language) return
    if (await leave.current()) setLanguage(next)
  }

  function decide(go: boolean) {
    asked?.then(go)
    setAsked(null)
    if (!go) setTimeout(() => editor.current?.focus())
  }

  const losses = reading?.remarks.filter((r) => r.severity === 'LOSS').length ?? 0
  const errors = (reading?.remarks.length ?? 0) - losses
  return (
    <section aria-label="Markup" className="flex min-w-0 flex-1 flex-col" data-region>
      <div className="flex min-h-11 shrink-0 flex-wrap items-center gap-2 border-line border-b px-4 py-1">
        <fieldset className="flex overflow-hidden rounded-3 border border-edge">
          <legend className="sr-only">Markup language</legend>
          {languages.map((s) => (
            <button
              key={s.language}
              type="button"
              aria-pressed={language === s.language}
              onClick={() => choose(s.language)}
              className={cx(
                'h-7 border-edge px-3 not-first:border-l -outline-offset-2',
                language === s.language ? 'bg-ink font-semibold text-white' : 'bg-sheet hover:bg-desk',
              )}
            >
              {s.name}
            </button>
          ))}
        </fieldset>
        <fieldset aria-label="Wrap the selection" className="flex gap-1">
          {wrappers[language].map((w) => (
            <Button key={w.name} look="quiet" className="px-2" onClick={() => editor.current?.wrap(w)}>
              {w.name}
            </Button>
          ))}
        </fieldset>
        <Button look="quiet" className="px-2" onClick={() => editor.current?.find()}>
          Find
        </Button>
        <p role="status" className="ml-auto text-soft">
          {problem ? (
            <span className="text-rust">{problem}</span>
          ) : errors + losses > 0 ? (
            `${errors} not well formed, ${losses} not kept; see the marked lines`
          ) : (
            'Read as it stands'
          )}
        </p>
        <Button onClick={async () => (await leave.current()) && toWrite()}>Back to the sheet</Button>
      </div>
      <div
        ref={place}
        className="markup-editor min-h-0 flex-1 overflow-hidden bg-sheet"
        aria-busy={shown !== language}
      />
      {asked && (
        <Dialog
          open
          wide
          onClose={() => decide(false)}
          title="What cleaning changes"
          about="Left, what you typed; right, how it is kept. Undo on the sheet brings back what was there before."
        >
          <Changes read={asked.read} />
          <DialogButtons>
            <Button onClick={() => decide(false)}>Go on in the markup</Button>
            <Button look="main" onClick={() => decide(true)}>
              Take it
            </Button>
          </DialogButtons>
        </Dialog>
      )}
    </section>
  )
}

/** At most this many changes are shown; more only in number. */
const SHOWN = 60

function Changes({ read }: { read: TypedMarkup }) {
  const { changes, remarks } = read
  return (
    <div className="grid gap-3">
      {remarks.length > 0 && (
        <ul aria-label="Remarks" className="list-disc pl-5">
          {remarks.slice(0, SHOWN).map((r) => (
            <li key={`${r.from}${r.message}`}>
              Line {r.line}: {r.message}
            </li>
          ))}
        </ul>
      )}
      <ol className="grid gap-2">
        {changes.slice(0, SHOWN).map((c) => (
          <li key={c.line} className="grid grid-cols-[3.5rem_1fr_1fr] gap-2">
            <span className="text-soft">Line {c.line}</span>
            <pre className="overflow-auto whitespace-pre-wrap bg-sheet p-1.5">{c.before.join('\n') || '(nothing)'}</pre>
            <pre className="overflow-auto whitespace-pre-wrap bg-sheet p-1.5">{c.after.join('\n') || '(nothing)'}</pre>
          </li>
        ))}
      </ol>
      {changes.length > SHOWN && <p>And {changes.length - SHOWN} more changes.</p>}
    </div>
  )
}
