import type { ComponentProps, MouseEvent } from 'react'
import { Button } from './Button'

const FIELDS = 'input:not([type=hidden]), textarea, select, [contenteditable="true"]'

/** So many frames what is added may take to come, such as an editor that is fetched first. */
const FRAMES = 30

/**
 * A button that adds a row, a line or a card of fields. The cursor goes into the first field of what was added, so that whoever
 * types on without looking types into it, and does not press the button once more.
 */
export function AddButton({ onClick, ...rest }: ComponentProps<typeof Button>) {
  function add(e: MouseEvent<HTMLButtonElement>) {
    const scope = e.currentTarget.closest('form, section, [role=dialog], aside') ?? document.body
    const before = new Set(scope.querySelectorAll(FIELDS))
    onClick?.(e)
    const look = (frames: number) => {
      const added = [...scope.querySelectorAll<HTMLElement>(FIELDS)].find((field) => !before.has(field))
      if (added) added.focus()
      else if (frames > 0) requestAnimationFrame(() => look(frames - 1))
    }
    requestAnimationFrame(() => look(FRAMES))
  }
  return <Button {...rest} onClick={add} />
}
