import { useState, useSyncExternalStore } from 'react'
import type { PasteMode } from '../../shared/api/types'
import { Button, TextButton } from '../../shared/ui/Button'
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
]

const plain: { mode: PasteMode; name: string }[] = [
  { mode: 'CLEAN', name: 'As it looks best' },
  { mode: 'PARAGRAPHS', name: 'Lines as paragraphs' },
  { mode: 'LINES', name: 'Line breaks kept' },
  { mode: 'MARKDOWN', name: 'As Markdown' },
]

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
  const { result, mode, headings, foreign } = placed
  const lines = result.headings.length
  const ways = foreign.html ? formatted : plain
  return (
    <section
      aria-label="What was pasted"
      className="flex flex-wrap items-center gap-x-3 gap-y-1 border-line border-b bg-straw px-4 py-1.5"
    >
      <p role="status" className="min-w-0 flex-1 basis-full">
        {result.sentence}
        {lines > 0 && !headings && (
          <>
            {' '}
            {lines === 1 ? 'A line looks like a heading' : `${lines} lines look like headings`}:{' '}
            <TextButton
              onClick={() => pasting.change(mode, true)}
              title={result.headings.map((h) => h.words).join('\n')}
            >
              {lines === 1 ? 'make it a heading' : 'make them headings'}
            </TextButton>
          </>
        )}
        {headings && lines > 0 && (
          <>
            {' '}
            {lines === 1 ? 'Made 1 heading' : `Made ${lines} headings`}:{' '}
            <TextButton onClick={() => pasting.change(mode, false)}>leave as text</TextButton>
          </>
        )}
      </p>
      <label className="flex items-center gap-1.5">
        Take it
        <select
          value={mode}
          disabled={busy}
          onChange={(e) => pasting.change(e.target.value as PasteMode, headings)}
          className="h-7 rounded-3 border border-edge bg-sheet px-1"
        >
          {ways.map((w) => (
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
          headings={result.headings}
          onClose={() => setComparing(false)}
        />
      )}
    </section>
  )
}
