import type { KeyboardEvent } from 'react'

/**
 * Moves the keyboard within a row of tools, at once. The row's own way waits for a timer, which the next key can outrun:
 * of two presses in a row one would be lost. Goes to `onKeyDownCapture` of the row.
 */
export function arrowsAtOnce(e: KeyboardEvent<HTMLElement>) {
  if (e.altKey || e.ctrlKey || e.metaKey || e.shiftKey) return
  const row = [...e.currentTarget.querySelectorAll<HTMLElement>('[data-radix-collection-item]')].filter(
    (tool) => !tool.hasAttribute('data-disabled') && tool.getClientRects().length > 0,
  )
  const at = row.indexOf(document.activeElement as HTMLElement)
  if (at < 0) return
  const onward = getComputedStyle(e.currentTarget).direction === 'rtl' ? 'ArrowLeft' : 'ArrowRight'
  const back = onward === 'ArrowRight' ? 'ArrowLeft' : 'ArrowRight'
  const steps: Record<string, number> = {
    [onward]: (at + 1) % row.length,
    [back]: (at + row.length - 1) % row.length,
    Home: 0,
    End: row.length - 1,
  }
  const to = row[steps[e.key] ?? -1]
  if (!to) return
  e.preventDefault()
  to.focus()
}
