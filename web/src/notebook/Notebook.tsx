import { useQuery } from '@tanstack/react-query'
import { type PointerEvent as Press, useEffect, useState } from 'react'
import { answer, client } from '../shared/api/client'
import { changeNotebook, useNotebook } from '../shared/store/notebook'
import { useOpenText } from '../shared/store/openText'
import { Button } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { Notes } from './Notes'
import { TargetTerms } from './TargetTerms'

/** Loose notes for an item, in a window of their own beside whatever one does. */
export function Notebook() {
  const state = useNotebook()
  const text = useOpenText()
  const [part, setPart] = useState<'notes' | 'terms'>('notes')

  useEffect(() => {
    if (text) changeNotebook({ item: text.key, title: text.title() })
  }, [text])
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if ((e.ctrlKey || e.metaKey) && e.altKey && e.key.toLowerCase() === 'z') {
        e.preventDefault()
        changeNotebook({ open: !state.open })
      }
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  }, [state.open])

  if (!state.open) return null
  const key = text?.key ?? state.item
  const title = text ? text.title() || 'Untitled' : state.title
  const place = state.docked ? {} : { left: clamp(state.x, innerWidth - 120), top: clamp(state.y, innerHeight - 60) }

  /** The heading moves the window. */
  function drag(e: Press) {
    if (state.docked || (e.target as Element).closest('button')) return
    const from = { x: e.clientX - state.x, y: e.clientY - state.y }
    const move = (m: PointerEvent) => changeNotebook({ x: m.clientX - from.x, y: m.clientY - from.y })
    const end = () => {
      removeEventListener('pointermove', move)
      removeEventListener('pointerup', end)
    }
    addEventListener('pointermove', move)
    addEventListener('pointerup', end)
    e.preventDefault()
  }

  return (
    <aside
      aria-label="Notebook"
      data-region
      style={place}
      className={cx(
        'flex flex-col border-edge bg-paper',
        state.docked
          ? 'w-80 shrink-0 border-l max-lg:absolute max-lg:right-0 max-lg:z-30 max-lg:h-full'
          : 'fixed z-30 w-80 rounded-3 border',
        state.docked && state.folded && 'w-auto',
        !state.docked && !state.folded && 'h-[26rem] max-h-[80vh]',
      )}
    >
      <div
        onPointerDown={drag}
        className={cx('flex items-center gap-1 border-line border-b px-3 py-1.5', !state.docked && 'cursor-move')}
      >
        <h2 className="min-w-0 flex-1 truncate font-semibold font-serif text-large">Notebook</h2>
        {!state.folded && (
          <Button look="quiet" className="h-7 px-2" onClick={() => changeNotebook({ docked: !state.docked })}>
            {state.docked ? 'Let loose' : 'Dock'}
          </Button>
        )}
        <Button
          look="quiet"
          className="h-7 px-2"
          aria-expanded={!state.folded}
          onClick={() => changeNotebook({ folded: !state.folded })}
        >
          {state.folded ? 'Unfold' : 'Fold'}
        </Button>
        <Button
          look="quiet"
          className="h-7 px-2"
          aria-label="Close the notebook"
          onClick={() => changeNotebook({ open: false })}
        >
          ×
        </Button>
      </div>
      {!state.folded && (
        <>
          {text ? <p className="truncate px-3 pt-2 text-soft">For “{title}”</p> : <Whose item={key} title={title} />}
          {key && (
            <fieldset className="mx-3 mt-2 flex w-fit overflow-hidden rounded-3 border border-edge">
              <legend className="sr-only">Part of the notebook</legend>
              {(['notes', 'terms'] as const).map((p) => (
                <button
                  key={p}
                  type="button"
                  aria-pressed={part === p}
                  onClick={() => setPart(p)}
                  className={cx(
                    'h-7 px-3 -outline-offset-2',
                    part === p ? 'bg-ink font-semibold text-white' : 'bg-sheet',
                  )}
                >
                  {p === 'notes' ? 'Notes' : 'Terms'}
                </button>
              ))}
            </fieldset>
          )}
          <div className="flex min-h-0 flex-1 flex-col p-3">
            {!key && <p className="text-soft">Say for which item you collect notes, or open one on the bench.</p>}
            {key && part === 'notes' && <Notes key={key} item={key} />}
            {key && part === 'terms' && <TargetTerms key={key} item={key} />}
          </div>
        </>
      )}
    </aside>
  )
}

function clamp(n: number, most: number): number {
  return Math.max(0, Math.min(n, most))
}

/** Away from the bench, the item the notes are for. */
function Whose({ item, title }: { item: string; title: string }) {
  const [words, setWords] = useState('')
  const found = useQuery({
    queryKey: ['notebook-items', words],
    queryFn: () => answer(client.GET('/editor/api/worklist', { params: { query: { size: 50, words } } })),
  })
  const rows = found.data?.rows ?? []
  const known = rows.some((r) => r.key === item)
  return (
    <div className="grid grid-cols-1 gap-1.5 px-3 pt-2">
      <label className="flex items-center gap-2">
        For
        <select
          aria-label="Item the notes are for"
          value={item}
          onChange={(e) =>
            changeNotebook({ item: e.target.value, title: rows.find((r) => r.key === e.target.value)?.title ?? '' })
          }
          className="h-7 min-w-0 flex-1 rounded-3 border border-edge bg-sheet px-1"
        >
          {!item && <option value="">Choose an item</option>}
          {item && !known && <option value={item}>{title || 'Untitled'}</option>}
          {rows.map((r) => (
            <option key={r.key} value={r.key}>
              {r.title || 'Untitled'}
            </option>
          ))}
        </select>
      </label>
      <input
        type="search"
        aria-label="Find an item for the notes"
        placeholder="Find an item"
        value={words}
        onChange={(e) => setWords(e.target.value)}
        className="h-7 rounded-3 border border-edge bg-sheet px-2"
      />
    </div>
  )
}
