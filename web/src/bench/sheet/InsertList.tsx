import { Command } from 'cmdk'
import { useLayoutEffect, useRef, useState } from 'react'
import { useSheet } from '../context'
import { runTool, stateOf } from './strip/useTool'
import { told, tools } from './tools'

/** What can be put in, to be looked for by a few letters, at the line where the cursor stands. */
export function InsertList({ onClose }: { onClose: () => void }) {
  const sheet = useSheet()
  const [words, setWords] = useState('')
  const [at, setAt] = useState<{ top: number; left: number } | null>(null)
  const box = useRef<HTMLElement>(null)
  const list = tools.filter((t) => t.inserts && stateOf(t, sheet.state).can)
  const wanted = words.trim().toLowerCase()
  const found = list
    .filter((t) => `${t.name} ${t.words ?? ''}`.toLowerCase().includes(wanted))
    .sort((a, b) => Number(b.name.toLowerCase().startsWith(wanted)) - Number(a.name.toLowerCase().startsWith(wanted)))

  useLayoutEffect(() => {
    const frame = box.current?.parentElement?.getBoundingClientRect()
    const view = sheet.view
    if (!frame || !view) return
    const line = view.coordsAtPos(view.state.selection.from)
    setAt({ top: line.bottom - frame.top + 4, left: Math.max(8, Math.min(line.left - frame.left, frame.width - 330)) })
  }, [sheet])

  useLayoutEffect(() => {
    if (at) box.current?.scrollIntoView({ block: 'nearest' })
  }, [at])

  function leave(text = '') {
    onClose()
    sheet.view?.focus()
    if (!text) return
    sheet.run((state, dispatch) => {
      dispatch?.(state.tr.insertText(text))
      return true
    })
  }

  return (
    <section
      ref={box}
      aria-label="Insert list"
      style={at ?? undefined}
      className="absolute z-30 w-80 scroll-my-4 rounded-3 border border-edge bg-sheet p-2 text-plain"
      onBlur={(e) => {
        if (!e.currentTarget.contains(e.relatedTarget)) onClose()
      }}
    >
      <Command
        label="Insert"
        shouldFilter={false}
        loop
        onKeyDown={(e) => {
          if (e.key === 'Escape') {
            e.preventDefault()
            e.stopPropagation()
            leave()
          }
          if (!words && (e.key === '/' || e.key === 'Backspace' || e.key === ' ')) {
            e.preventDefault()
            leave(e.key === 'Backspace' ? '' : e.key === '/' ? '/' : '/ ')
          }
        }}
      >
        <Command.Input
          autoFocus
          value={words}
          onValueChange={setWords}
          placeholder="What shall go in? Escape goes back"
          className="h-8 w-full rounded-3 border border-edge bg-sheet px-2.5 placeholder:text-soft"
        />
        <Command.List className="mt-2 max-h-64 overflow-auto" aria-label="What can be put in">
          {!found.length && <p className="px-2 py-1 text-soft">Nothing fits “{words}”.</p>}
          {found.map((t) => (
            <Command.Item
              key={t.id}
              value={t.id}
              onSelect={() => {
                leave()
                runTool(sheet, t)
              }}
              className="flex cursor-pointer justify-between gap-3 rounded-3 px-2 py-1 data-[selected=true]:bg-desk"
            >
              {t.name}
              <kbd className="font-sans text-small text-soft">{t.keys && told(t.keys)}</kbd>
            </Command.Item>
          ))}
        </Command.List>
      </Command>
    </section>
  )
}
