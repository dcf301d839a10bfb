import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import type { Note, NoteChange } from '../shared/api/types'
import { changeOn, on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { useOpenText } from '../shared/store/openText'
import { Button, TextButton } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { FormState } from '../shared/ui/FormState'

/** The lines of a notebook: ticked off as they are covered, or sent into the text. */
export function Notes({ item }: { item: string }) {
  const key = ['notebook', item]
  const queries = useQueryClient()
  const lines = useQuery({
    queryKey: key,
    queryFn: () => answer(client.GET('/editor/api/items/{key}/notebook', { params: { path: { key: item } } })),
  })
  const text = useOpenText()
  const form = useForm(`note:${item}`, {
    stored: { words: '' },
    send: (body) => answer(client.POST('/editor/api/items/{key}/notebook', { params: { path: { key: item } }, body })),
    done: (all) => queries.setQueryData(key, all),
  })
  const { words } = form.value
  const [gone, setGone] = useState<Note | null>(null)
  const [problem, setProblem] = useState('')
  const notes = lines.data ?? []
  const covered = notes.filter((n) => n.ticked).length

  async function act(work: () => Promise<unknown>) {
    setProblem('')
    try {
      await work()
    } catch (error) {
      setProblem((error as Error).message)
    }
    await queries.invalidateQueries({ queryKey: key })
  }

  const at = ({ id, revision }: Note) => ({ params: { path: { key: item, id }, header: on(revision) } })

  const change = (note: Note, part: NoteChange) =>
    act(() =>
      changeOn(note, Object.keys(part) as (keyof NoteChange)[], (now) =>
        answer(client.PUT('/editor/api/items/{key}/notebook/{id}', { ...at(now), body: part })),
      ),
    )

  function remove(note: Note) {
    act(async () => {
      await changeOn(note, ['words'], (now) => answer(client.DELETE('/editor/api/items/{key}/notebook/{id}', at(now))))
      setGone(note)
    })
  }

  function bringBack(note: Note) {
    act(async () => {
      const all = await answer(
        client.POST('/editor/api/items/{key}/notebook', {
          params: { path: { key: item } },
          body: { words: note.words },
        }),
      )
      const made = all[all.length - 1]
      await answer(
        client.PUT('/editor/api/items/{key}/notebook/{id}', {
          ...at(made),
          body: { place: note.place, ticked: note.ticked },
        }),
      )
      setGone(null)
    })
  }

  function send(note: Note) {
    text?.insert(note.words)
    change(note, { ticked: true })
  }

  return (
    <>
      <ul aria-label="Notes" className="min-h-0 flex-1 overflow-auto">
        {lines.data && !notes.length && (
          <li className="text-soft">
            Facts, quotes, things to ask. Each line can be ticked off, or sent into the text.
          </li>
        )}
        {notes.map((n) => (
          <li key={n.id} className="group flex items-start gap-2 border-line border-b py-1">
            <input
              type="checkbox"
              aria-label={`Covered: ${n.words}`}
              className="mt-1"
              checked={n.ticked}
              onChange={(e) => change(n, { ticked: e.target.checked })}
            />
            <Line note={n} keep={(now) => change(n, { words: now })} />
            {text && !n.ticked && (
              <TextButton aria-label={`Send into the text: ${n.words}`} onClick={() => send(n)}>
                Send
              </TextButton>
            )}
            <button
              type="button"
              aria-label={`Take out: ${n.words}`}
              className="rounded-3 px-1 text-soft hover:text-ink"
              onClick={() => remove(n)}
            >
              ×
            </button>
          </li>
        ))}
      </ul>
      {gone && (
        <p role="status" className="pt-1">
          Taken out. <TextButton onClick={() => bringBack(gone)}>Undo</TextButton>
        </p>
      )}
      {problem && (
        <p role="alert" className="pt-1 text-rust">
          {problem}
        </p>
      )}
      <FormState form={form} />
      <form onSubmit={form.submit} className="mt-2 flex gap-2">
        <textarea
          aria-label="New note"
          placeholder="A note; several lines become several notes"
          rows={2}
          value={words}
          onChange={(e) => form.set({ words: e.target.value })}
          onKeyDown={(e) => {
            if (e.key === 'Enter' && !e.shiftKey) {
              e.preventDefault()
              if (words.trim()) form.submit()
            }
          }}
          className="min-w-0 flex-1 rounded-3 border border-edge bg-sheet px-2 py-1"
        />
        <Button type="submit" blocked={words.trim() ? '' : 'Write a note first.'}>
          Add
        </Button>
      </form>
      {notes.length > 0 && (
        <p className="pt-1 text-small text-soft">
          {covered} of {notes.length} covered
        </p>
      )}
    </>
  )
}

function Line({ note, keep }: { note: Note; keep: (words: string) => void }) {
  const [words, setWords] = useState(note.words)
  return (
    <input
      aria-label={`Note: ${note.words}`}
      value={words}
      onChange={(e) => setWords(e.target.value)}
      onBlur={() => words.trim() && words !== note.words && keep(words)}
      onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      className={cx('min-w-0 flex-1 rounded-3 bg-transparent px-0.5', note.ticked && 'text-soft line-through')}
    />
  )
}
