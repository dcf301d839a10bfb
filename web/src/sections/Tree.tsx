import { useQueryClient } from '@tanstack/react-query'
import { type KeyboardEvent, useRef, useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import type { Section, Site } from '../shared/api/types'
import { on } from '../shared/form/change'
import { Button } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { Grip } from '../shared/ui/OrderedList'
import { useDragOrder } from '../shared/ui/useDragOrder'
import { type Move, moveBy } from './moves'

interface Props {
  sections: Section[]
  mayChange: boolean
  edit: (section: Section) => void
  leave: (section: Section) => void
}

/** The sections as a tree. By its grip a section is dragged before another, or moved with the arrow keys. */
export function Tree({ sections, mayChange, edit, leave }: Props) {
  const refresh = useRefresh()
  const queries = useQueryClient()
  const moving = useRef(Promise.resolve())
  const [told, setTold] = useState({ words: '', wrong: false })

  /** Moves one after the other: whoever presses fast means each by what the one before has made. */
  function move(slug: string, by: (sections: Section[], section: Section) => Move | null | undefined) {
    moving.current = moving.current.then(async () => {
      const now = queries.getQueryData<Site>(['site'])?.sections ?? []
      const section = now.find((s) => s.slug === slug)
      const body = section && by(now, section)
      if (!body) return
      try {
        const params = { path: { slug }, header: on(section.revision) }
        const moved = await answer(client.POST('/editor/api/site/sections/{slug}/move', { params, body }))
        await refresh()
        setTold({ words: `“${section.name}” is at ${moved.path} now.`, wrong: false })
      } catch (error) {
        // Where somebody else was first, what they did is to be seen.
        await refresh()
        setTold({ words: (error as Error).message, wrong: true })
      }
    })
  }

  const drag = useDragOrder((slug, before) => {
    const next = sections.find((s) => s.slug === before)
    move(slug, () => ({ parent: next?.parent ?? '', before: before ?? '' }))
  })

  function onKey(e: KeyboardEvent, section: Section) {
    if (moveBy(sections, section, e.key) === undefined) return
    e.preventDefault()
    const { key } = e
    move(section.slug, (now, one) => moveBy(now, one, key))
  }

  return (
    <>
      {mayChange && sections.length > 1 && (
        <p className="mb-2 text-soft">
          Drag a section by its grip, or press the arrow keys with the grip picked: up and down among its neighbours,
          right to make it a part of the one above it, left to take it out again. Old addresses lead to the new ones.
        </p>
      )}
      <ul ref={drag.list} aria-label="Sections" className="border-line border-t">
        {sections.map((s) => (
          <li
            key={s.slug}
            data-row={s.slug}
            style={{ paddingInlineStart: `${s.depth * 1.75}rem` }}
            className={cx(
              'flex flex-wrap items-baseline gap-x-4 gap-y-1 border-line border-b py-2.5',
              drag.before === s.slug && drag.dragged !== s.slug && 'border-t-2 border-t-petrol',
              drag.dragged === s.slug && 'bg-straw',
            )}
          >
            {mayChange && (
              <span className="self-center">
                <Grip name={s.name} {...drag.grip(s.slug)} onKeyDown={(e) => onKey(e, s)} />
              </span>
            )}
            <div className="min-w-40 flex-1">
              <p className="font-semibold font-serif text-large">{s.name}</p>
              <p className="text-soft">{s.description || 'Nothing said about it yet.'}</p>
              {s.topics.length > 0 && (
                <p className="text-small text-soft">Topics: {s.topics.map((t) => t.name).join(', ')}</p>
              )}
            </div>
            <a
              href={s.path}
              target="_blank"
              rel="noreferrer"
              className="min-w-0 break-all text-petrol underline underline-offset-2"
            >
              {s.path}
              <span className="sr-only"> (opens a new tab)</span>
            </a>
            {mayChange && (
              <span className="flex gap-2">
                <Button onClick={() => edit(s)} aria-label={`Edit ${s.name}`}>
                  Edit
                </Button>
                <Button look="quiet" onClick={() => leave(s)} aria-label={`Give up ${s.name}`}>
                  Give up
                </Button>
              </span>
            )}
          </li>
        ))}
      </ul>
      <p
        role={told.wrong ? 'alert' : 'status'}
        className={cx('mt-2', told.wrong ? 'text-rust' : 'text-soft', !told.words && 'sr-only')}
      >
        {told.words}
      </p>
    </>
  )
}
