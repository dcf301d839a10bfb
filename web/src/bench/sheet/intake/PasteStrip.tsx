import { useState, useSyncExternalStore } from 'react'
import type { Manner } from '../../../api/types'
import { Button, TextButton } from '../../../ui/Button'
import { useSheet } from '../../context'
import { useDerived } from '../useEditor'
import { BeforeAfter } from './BeforeAfter'
import { isGone } from './range'

const formatted: { manner: Manner; name: string }[] = [
  { manner: 'CLEAN', name: 'Clean' },
  { manner: 'DRESSED', name: 'With colours and fonts' },
  { manner: 'PARAGRAPHS', name: 'Text only, lines as paragraphs' },
  { manner: 'LINES', name: 'Text only, line breaks kept' },
]

const plain: { manner: Manner; name: string }[] = [
  { manner: 'CLEAN', name: 'As it looks best' },
  { manner: 'PARAGRAPHS', name: 'Lines as paragraphs' },
  { manner: 'LINES', name: 'Line breaks kept' },
  { manner: 'MARKDOWN', name: 'As Markdown' },
]

/** Says what became of pasted text, and lets one take it in another way. */
export function PasteStrip() {
  const { pasting } = useSheet()
  const placed = useSyncExternalStore(pasting.subscribe, pasting.snapshot)
  const busy = useSyncExternalStore(pasting.subscribe, () => pasting.busy)
  const gone = useDerived(isGone)
  const [comparing, setComparing] = useState(false)
  if (busy && !placed) return <p className="border-line border-b bg-straw px-4 py-1.5">Cleaning what you pasted …</p>
  if (!placed || gone) return null
  const { taken, manner, headings, foreign } = placed
  const lines = taken.headings.length
  const ways = foreign.html ? formatted : plain
  return (
    <section
      aria-label="What was pasted"
      className="flex flex-wrap items-center gap-x-3 gap-y-1 border-line border-b bg-straw px-4 py-1.5"
    >
      <p role="status" className="min-w-0 flex-1 basis-full">
        {taken.sentence}
        {lines > 0 && !headings && (
          <>
            {' '}
            {lines === 1 ? 'A line looks like a heading' : `${lines} lines look like headings`}:{' '}
            <TextButton
              onClick={() => pasting.change(manner, true)}
              title={taken.headings.map((h) => h.words).join('\n')}
            >
              {lines === 1 ? 'make it a heading' : 'make them headings'}
            </TextButton>
          </>
        )}
        {headings && lines > 0 && (
          <>
            {' '}
            {lines === 1 ? 'Made 1 heading' : `Made ${lines} headings`}:{' '}
            <TextButton onClick={() => pasting.change(manner, false)}>leave as text</TextButton>
          </>
        )}
      </p>
      <label className="flex items-center gap-1.5">
        Take it
        <select
          value={manner}
          disabled={busy}
          onChange={(e) => pasting.change(e.target.value as Manner, headings)}
          className="h-7 rounded-3 border border-edge bg-sheet px-1"
        >
          {ways.map((w) => (
            <option key={w.manner} value={w.manner}>
              {w.name}
            </option>
          ))}
        </select>
      </label>
      <Button onClick={() => setComparing(true)}>Compare</Button>
      {taken.notes.length > 0 && (
        <TextButton onClick={() => setComparing(true)}>
          {taken.notes.length === 1 ? '1 note' : `${taken.notes.length} notes`}
        </TextButton>
      )}
      <Button look="quiet" className="ml-auto" aria-label="Close what was pasted" onClick={() => pasting.close()}>
        ×
      </Button>
      {comparing && (
        <BeforeAfter
          before={foreign}
          after={taken.body}
          told={taken.sentence}
          notes={taken.notes}
          headings={taken.headings}
          onClose={() => setComparing(false)}
        />
      )}
    </section>
  )
}
