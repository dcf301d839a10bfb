import { NodeSelection } from 'prosemirror-state'
import { useLayoutEffect, useRef, useState } from 'react'
import { cx } from '../../shared/ui/cx'
import { useSheet } from '../state/context'
import { useDerived } from '../state/useEditor'
import { tool } from '../tools/registry'
import { isOffered } from '../tools/tool'
import { runTool, stateOf } from './useTool'

const signs = [
  { id: 'strong', sign: <b>B</b> },
  { id: 'emphasis', sign: <i className="font-serif">I</i> },
  { id: 'underline', sign: <u>U</u> },
  { id: 'link', sign: 'Link' },
  { id: 'highlight', sign: 'Mark' },
  { id: 'colour', sign: 'Colour' },
  { id: 'clear', sign: 'Clear' },
]

/** The few tools for a stretch of text, at the stretch itself. */
export function SelectionStrip() {
  const sheet = useSheet()
  // Nothing is drawn while nothing is selected.
  useDerived((s) => (s.selection.empty ? null : s))
  const { state } = sheet
  const strip = useRef<HTMLDivElement>(null)
  const [at, setAt] = useState<{ top: number; left: number } | null>(null)
  const { selection } = state
  const shown = !selection.empty && !(selection instanceof NodeSelection) && selection.$from.parent.isTextblock

  useLayoutEffect(() => {
    const around = strip.current?.parentElement
    if (!shown || !sheet.view || !around) return setAt(null)
    const start = sheet.view.coordsAtPos(selection.from)
    const end = sheet.view.coordsAtPos(selection.to)
    const frame = around.getBoundingClientRect()
    const middle = start.top === end.top ? (start.left + end.left) / 2 : start.left + 60
    setAt({
      top: end.bottom - frame.top + 6,
      left: Math.max(8, Math.min(middle - frame.left - 140, frame.width - 330)),
    })
  }, [shown, selection, sheet])

  const tools = signs.flatMap(({ id, sign }) => {
    const t = tool(id)
    if (!isOffered(t, state)) return []
    return { name: t.name, sign, ...stateOf(t, state), run: () => runTool(sheet, t) }
  })
  return (
    <div
      ref={strip}
      role="toolbar"
      aria-label="Tools for the selection"
      hidden={!shown || !at}
      style={at ?? undefined}
      className="absolute z-20 flex rounded-3 bg-ink p-1 text-white"
    >
      {tools.map((t) => (
        <button
          key={t.name}
          type="button"
          // The keyboard has the tool strip and the shortcuts; here it would only be in the way.
          tabIndex={-1}
          aria-label={t.name}
          aria-pressed={t.on}
          aria-disabled={!t.can || undefined}
          onMouseDown={(e) => e.preventDefault()}
          onClick={t.run}
          className={cx(
            'h-6 min-w-8 rounded-3 px-2',
            t.on ? 'bg-straw text-ink' : t.can ? 'hover:bg-soft' : 'cursor-default opacity-60',
          )}
        >
          {t.sign}
        </button>
      ))}
    </div>
  )
}
