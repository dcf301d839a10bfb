import { Toolbar } from 'radix-ui'
import { useEffect, useLayoutEffect, useRef, useState } from 'react'
import { cx } from '../../shared/ui/cx'
import { markValue, setValue } from '../commands/marks'
import { offers } from '../plugins/toolset'
import { useSheet } from '../state/context'

interface Props {
  of: 'colour' | 'highlight'
  /** Whether the keyboard asked for it, and so goes through it. */
  byKey: boolean
  onMore: () => void
  onClose: () => void
}

const words = {
  colour: { title: 'Text colour', none: 'The text’s own' },
  highlight: { title: 'Highlight', none: 'None' },
}

/** The site's colours below the selection: one press sets, and what is typed goes on into the text. */
export function Palette({ of, byKey, onMore, onClose }: Props) {
  const sheet = useSheet()
  const box = useRef<HTMLDivElement>(null)
  const [at, setAt] = useState<{ top: number; left: number } | null>(null)
  const now = markValue(sheet.state, of)

  useLayoutEffect(() => {
    const frame = box.current?.parentElement?.getBoundingClientRect()
    if (!sheet.view || !frame) return
    // Below the strip of the selection, so that the words themselves stay in sight.
    const end = sheet.view.coordsAtPos(sheet.state.selection.to)
    const strip = sheet.state.selection.empty ? 6 : 46
    setAt({
      top: end.bottom - frame.top + strip,
      left: Math.max(8, Math.min(end.left - frame.left - 150, frame.width - 330)),
    })
  }, [sheet])

  useEffect(() => {
    if (at && byKey) box.current?.querySelector('button')?.focus()
  }, [at, byKey])

  useEffect(() => {
    const away = (e: PointerEvent) => {
      if (e.target instanceof Node && !box.current?.contains(e.target)) onClose()
    }
    // Typing in the text, or a selection elsewhere, closes it.
    const unsubscribe = sheet.subscribe(onClose)
    document.addEventListener('pointerdown', away, true)
    return () => {
      unsubscribe()
      document.removeEventListener('pointerdown', away, true)
    }
  }, [sheet, onClose])

  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.key !== 'Escape') return
      e.preventDefault()
      e.stopPropagation()
      onClose()
      sheet.focus()
    }
    document.addEventListener('keydown', onKey, true)
    return () => document.removeEventListener('keydown', onKey, true)
  }, [sheet, onClose])

  function set(value: string | null) {
    onClose()
    sheet.run(setValue(of, value))
  }

  const { title, none } = words[of]
  const wide =
    'h-7 rounded-3 border border-edge bg-sheet px-2 aria-pressed:border-petrol aria-pressed:ring-1 aria-pressed:ring-petrol'
  const choices = [{ name: none, value: null }, ...(of === 'highlight' ? [{ name: 'The site’s own', value: '' }] : [])]
  return (
    <Toolbar.Root
      ref={box}
      aria-label={title}
      data-takes-keyboard
      style={at ?? undefined}
      className={cx(
        'absolute z-30 flex w-80 flex-wrap gap-1.5 rounded-3 border border-edge bg-paper p-2 text-plain',
        !at && 'invisible',
      )}
      onKeyDown={(e) => {
        // What is typed was meant for the text.
        if (e.key.length !== 1 || e.key === ' ' || e.ctrlKey || e.metaKey || e.altKey) return
        e.preventDefault()
        onClose()
        sheet.run((state, dispatch) => {
          dispatch?.(state.tr.insertText(e.key).scrollIntoView())
          return true
        })
      }}
    >
      {choices.map((c) => (
        <Toolbar.Button
          key={c.name}
          aria-pressed={now === c.value}
          onMouseDown={(e) => e.preventDefault()}
          onClick={() => set(c.value)}
          className={wide}
        >
          {c.name}
        </Toolbar.Button>
      ))}
      {sheet.writing.palette.map((c) => (
        <Toolbar.Button
          key={c.value}
          aria-label={c.name}
          title={c.name}
          aria-pressed={now === c.value}
          onMouseDown={(e) => e.preventDefault()}
          onClick={() => set(c.value)}
          style={{ backgroundColor: c.value }}
          className="size-7 rounded-3 border border-edge aria-pressed:ring-2 aria-pressed:ring-petrol aria-pressed:ring-offset-1"
        />
      ))}
      {offers(sheet.state, 'type') && (
        <Toolbar.Button onMouseDown={(e) => e.preventDefault()} onClick={onMore} className={wide}>
          More …
        </Toolbar.Button>
      )}
    </Toolbar.Root>
  )
}
