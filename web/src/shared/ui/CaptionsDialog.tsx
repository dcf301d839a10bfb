import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { answer, client } from '../api/client'
import type { Asset, CaptionLines } from '../api/types'
import { on } from '../form/change'
import { useForm } from '../form/useForm'
import { AddButton } from './AddButton'
import { Button } from './Button'
import { cx } from './cx'
import { Dialog, DialogButtons } from './Dialog'
import { fieldBox, Input } from './Field'
import { FormDialog } from './FormDialog'
import { momentOf, timeOf } from './moments'

interface Props {
  /** The sound or film they are of, where one is at hand. */
  media?: Pick<Asset, 'name' | 'url' | 'mediaType' | 'title'>
  /** The captions to change; empty where they are to be written. */
  track: string
  onClose: () => void
  onDone: (track: Asset) => void
}

interface Line {
  id: number
  start: string
  end: string
  text: string
  /** What the line has beside its words and times, as it came. */
  rest: { note: string; id: string; settings: string }
}

const bare = { note: '', id: '', settings: '' }
const linesOf = (given: CaptionLines | undefined): Line[] =>
  (given?.cues ?? []).map(({ start, end, text, note, id, settings }, i) => ({
    id: i + 1,
    start: timeOf(start),
    end: timeOf(end),
    text,
    rest: { note, id, settings },
  }))

/** Captions, line by line, beside the player. */
export function CaptionsDialog(props: Props) {
  const { track } = props
  const stored = useQuery({
    queryKey: ['assets', 'captions', track],
    queryFn: () => answer(client.GET('/editor/api/captions/{name}', { params: { path: { name: track } } })),
    enabled: !!track,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  })
  if (track && !stored.data) return stored.error ? <Failed {...props} why={stored.error.message} /> : null
  return <Editing {...props} stored={stored.data} />
}

function Failed({ onClose, why }: Props & { why: string }) {
  return (
    <Dialog open title="Captions" onClose={onClose}>
      <p role="alert">{why}</p>
      <DialogButtons>
        <Button onClick={onClose}>Close</Button>
      </DialogButtons>
    </Dialog>
  )
}

function Editing({ media, track, stored, onClose, onDone }: Props & { stored: CaptionLines | undefined }) {
  const cache = useQueryClient()
  const player = useRef<HTMLVideoElement>(null)
  const [now, setNow] = useState(0)
  const fieldsOf = (given: CaptionLines | undefined) => ({
    title: given?.title ?? `${media?.title ?? ''}, captions`,
    head: given?.head ?? '',
    lines: linesOf(given),
  })
  const of = track || `of:${media?.name}`
  const form = useForm(`captions:${of}`, {
    stored: fieldsOf(stored),
    revision: stored?.revision,
    send: async ({ title: called, head, lines: typed }, seen) => {
      const cues = typed.map((l) => ({
        ...l.rest,
        text: l.text,
        start: momentOf(l.start) ?? 0,
        end: momentOf(l.end) ?? 0,
      }))
      const body = { title: called, head, cues, revision: seen }
      const made = track
        ? await answer(
            client.PUT('/editor/api/captions/{name}', {
              params: { path: { name: track }, header: on(seen) },
              body,
            }),
          )
        : await answer(client.POST('/editor/api/captions', { body }))
      await cache.invalidateQueries({ queryKey: ['assets'] })
      return made
    },
    read: fieldsOf,
    done: onDone,
    labels: { title: 'What they are called', lines: 'Lines' },
  })
  const { title, lines } = form.value
  const setLines = (make: (all: Line[]) => Line[]) => form.set((typed) => ({ lines: make(typed.lines) }))
  const wrong = lines.findIndex((l) => momentOf(l.start) === null || momentOf(l.end) === null)

  const change = (id: number, part: Partial<Line>) =>
    setLines((all) => all.map((l) => (l.id === id ? { ...l, ...part } : l)))

  /** A new line where the player stands, or behind the last where there is none. */
  function add() {
    const start = player.current
      ? Math.round(player.current.currentTime * 1000)
      : (momentOf(lines.at(-1)?.end ?? '') ?? 0)
    const line = {
      id: Math.max(0, ...lines.map((l) => l.id)) + 1,
      start: timeOf(start),
      end: timeOf(start + 3000),
      text: '',
      rest: bare,
    }
    setLines((all) => [...all, line].sort((a, b) => (momentOf(a.start) ?? 0) - (momentOf(b.start) ?? 0)))
  }

  function go(line: Line) {
    const at = momentOf(line.start)
    if (player.current && at !== null) player.current.currentTime = at / 1000
  }

  const shown = lines.filter((l) => (momentOf(l.start) ?? 0) <= now && now < (momentOf(l.end) ?? 0))
  const film = media?.mediaType.startsWith('video/')
  const Player = film ? 'video' : 'audio'
  return (
    <FormDialog
      title="Captions"
      about="What is said and heard, as text: one line for what is shown at a time."
      wide
      does="Keep the captions"
      blocked={
        wrong >= 0 ? `Line ${wrong + 1} needs times such as 00:01.500.` : lines.length ? '' : 'Write a line first.'
      }
      form={form}
      onClose={onClose}
    >
      <div className={cx('grid gap-4', media && 'md:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]')}>
        <div className="grid content-start gap-2">
          {media && (
            <Player
              // Both players have what is asked of them here.
              ref={player as never}
              src={media.url}
              controls
              aria-label={media.title}
              onTimeUpdate={(e) => setNow(e.currentTarget.currentTime * 1000)}
              className={cx('w-full', film && 'max-h-64 bg-ink')}
            />
          )}
          {media && (
            <p
              aria-live="off"
              className="min-h-12 whitespace-pre-line border border-line bg-sheet px-2 py-1 text-center"
            >
              {shown.map((l) => l.text).join('\n')}
            </p>
          )}
          <div>
            <AddButton onClick={add}>{media ? 'Add a line here' : 'Add a line'}</AddButton>
          </div>
          {!track && (
            <Input label="What they are called" value={title} onChange={(e) => form.set({ title: e.target.value })} />
          )}
        </div>
        <ol className="grid max-h-96 content-start gap-2 overflow-auto p-1">
          {lines.map((l, i) => (
            <li
              key={l.id}
              className={cx(
                'grid gap-2 border-l-2 pl-2',
                media ? 'grid-cols-[1fr_1fr_auto_auto]' : 'grid-cols-[1fr_1fr_auto]',
                shown.includes(l) ? 'border-petrol' : 'border-line',
              )}
            >
              <Moment label={`Line ${i + 1} from`} value={l.start} onChange={(start) => change(l.id, { start })} />
              <Moment label={`Line ${i + 1} to`} value={l.end} onChange={(end) => change(l.id, { end })} />
              {media && (
                <Button look="quiet" aria-label={`Go to line ${i + 1}`} onClick={() => go(l)}>
                  Go there
                </Button>
              )}
              <Button
                look="quiet"
                aria-label={`Take line ${i + 1} out`}
                onClick={() => setLines((all) => all.filter((o) => o.id !== l.id))}
              >
                Take out
              </Button>
              <textarea
                aria-label={`Line ${i + 1}`}
                rows={2}
                value={l.text}
                onChange={(e) => change(l.id, { text: e.target.value })}
                className={cx(fieldBox, 'col-span-full py-1')}
              />
            </li>
          ))}
          {!lines.length && <p className="text-soft">No line yet. Play it, stop where somebody speaks, and add one.</p>}
        </ol>
      </div>
    </FormDialog>
  )
}

function Moment({ label, value, onChange }: { label: string; value: string; onChange: (value: string) => void }) {
  return (
    <input
      aria-label={label}
      aria-invalid={momentOf(value) === null || undefined}
      value={value}
      onChange={(e) => onChange(e.target.value)}
      className={cx(fieldBox, 'h-8 font-mono tabular-nums')}
    />
  )
}
