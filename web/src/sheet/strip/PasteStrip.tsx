import { useState, useSyncExternalStore } from 'react'
import type { PasteMode } from '../../shared/api/types'
import { Button, TextButton } from '../../shared/ui/Button'
import { offerWords } from '../base/offers'
import { BeforeAfter } from '../dialogs/BeforeAfter'
import { textOnlyAlways } from '../intake/paste'
import { isGone } from '../intake/range'
import { useSheet } from '../state/context'
import { useDerived } from '../state/useEditor'

const formatted: { mode: PasteMode; name: string }[] = [
  { mode: 'CLEAN', name: 'Clean' },
  { mode: 'FORMATTED', name: 'With colours and fonts' },
  { mode: 'PARAGRAPHS', name: 'Text only, lines as paragraphs' },
  { mode: 'LINES', name: 'Text only, line breaks kept' },
  { mode: 'JOINED', name: 'Text only, lines joined' },
]

const plain: { mode: PasteMode; name: string }[] = [
  { mode: 'CLEAN', name: 'As it looks best' },
  { mode: 'PARAGRAPHS', name: 'Lines as paragraphs' },
  { mode: 'JOINED', name: 'Lines joined' },
  { mode: 'LINES', name: 'Line breaks kept' },
  { mode: 'MARKDOWN', name: 'As Markdown' },
]

/** What was done to the lines of a plain text, and the other way. */
const ways: Partial<Record<PasteMode, { done: string; instead: string }>> = {
  JOINED: { done: 'Lines were joined into paragraphs', instead: 'join lines into paragraphs' },
  PARAGRAPHS: { done: 'Each line is a paragraph', instead: 'keep each line apart' },
  MARKDOWN: { done: 'It was read as Markdown', instead: 'read it as Markdown' },
}

function isTextOnly(mode: PasteMode): boolean {
  return mode === 'PARAGRAPHS' || mode === 'LINES'
}

/** Says what became of pasted text, and lets one take it in another way. */
export function PasteStrip() {
  const { pasting } = useSheet()
  const placed = useSyncExternalStore(pasting.subscribe, pasting.snapshot)
  const busy = useSyncExternalStore(pasting.subscribe, () => pasting.busy)
  const always = useSyncExternalStore(pasting.subscribe, textOnlyAlways)
  const gone = useDerived(isGone)
  const [comparing, setComparing] = useState(false)
  if (busy && !placed) return <p className="border-line border-b bg-straw px-4 py-1.5">Cleaning what you pasted …</p>
  if (!placed || gone) return null
  const { result, mode, taken, foreign } = placed
  const choices = foreign.html ? formatted : plain
  const read = ways[result.mode]
  const other = result.other === result.mode ? undefined : ways[result.other]
  return (
    <section
      aria-label="What was pasted"
      className="flex flex-wrap items-center gap-x-3 gap-y-1 border-line border-b bg-straw px-4 py-1.5"
    >
      <p role="status" className="min-w-0 flex-1 basis-full">
        {result.sentence}
        {read && other && (
          <>
            {' '}
            {read.done}: <TextButton onClick={() => pasting.change(result.other, taken)}>{other.instead}</TextButton>
          </>
        )}
        {result.offers.map(({ kind, lines }) => {
          const say = offerWords[kind](lines.length)
          const is = taken.includes(kind)
          const next = is ? taken.filter((k) => k !== kind) : [...taken, kind]
          return (
            <span key={kind}>
              {' '}
              {is ? say.done : say.open}:{' '}
              <TextButton
                onClick={() => pasting.change(mode, next)}
                title={is ? undefined : lines.map((l) => l.words).join('\n')}
              >
                {is ? say.leave : say.take}
              </TextButton>
            </span>
          )
        })}
      </p>
      <label className="flex items-center gap-1.5">
        Take it
        <select
          value={mode}
          disabled={busy}
          onChange={(e) => pasting.change(e.target.value as PasteMode, taken)}
          className="h-7 rounded-3 border border-edge bg-sheet px-1"
        >
          {choices.map((w) => (
            <option key={w.mode} value={w.mode}>
              {w.name}
            </option>
          ))}
        </select>
      </label>
      <Button onClick={() => setComparing(true)}>Compare</Button>
      {always ? (
        <p>
          Text only is your way of pasting.{' '}
          <TextButton onClick={() => pasting.always(false)}>Paste with form again</TextButton>
        </p>
      ) : (
        isTextOnly(mode) && <TextButton onClick={() => pasting.always(true)}>Always paste text only</TextButton>
      )}
      {result.notes.length > 0 && (
        <TextButton onClick={() => setComparing(true)}>
          {result.notes.length === 1 ? '1 note' : `${result.notes.length} notes`}
        </TextButton>
      )}
      <Button look="quiet" className="ml-auto" aria-label="Close what was pasted" onClick={() => pasting.close()}>
        ×
      </Button>
      {comparing && (
        <BeforeAfter
          before={foreign}
          after={result.body}
          told={result.sentence}
          notes={result.notes}
          offers={result.offers}
          onClose={() => setComparing(false)}
        />
      )}
    </section>
  )
}
