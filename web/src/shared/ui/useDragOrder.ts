import { type PointerEvent, useRef, useState } from 'react'

/**
 * Moves things of a list by dragging them by their grips. The list's element gets `list`, each thing `data-row` with its
 * name; what is dragged goes before another, or to the end.
 */
export function useDragOrder(move: (name: string, before: string | null) => void) {
  const list = useRef<HTMLUListElement>(null)
  const [dragged, setDragged] = useState('')
  const [before, setBefore] = useState<string | null>(null)

  function beneath(y: number): string | null {
    const rows = [...(list.current?.querySelectorAll<HTMLElement>('[data-row]') ?? [])]
    const row = rows.find((r) => {
      const box = r.getBoundingClientRect()
      return y < box.top + box.height / 2
    })
    return row?.dataset.row ?? null
  }

  function grip(name: string) {
    return {
      onPointerDown(e: PointerEvent<HTMLElement>) {
        if (e.button !== 0) return
        e.currentTarget.setPointerCapture(e.pointerId)
        setDragged(name)
        setBefore(name)
      },
      onPointerMove(e: PointerEvent<HTMLElement>) {
        if (dragged) setBefore(beneath(e.clientY))
      },
      onPointerUp() {
        if (dragged && before !== dragged) move(dragged, before)
        setDragged('')
      },
      onPointerCancel: () => setDragged(''),
    }
  }

  return { list, grip, dragged, before: dragged ? before : undefined }
}
