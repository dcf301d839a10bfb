import { type KeyboardEvent, type ReactNode, useId, useState } from 'react'
import { cx } from './cx'
import { FieldFrame, fieldBox } from './Field'

export interface Choice {
  id: string
  label: string
  /** What kind of thing it is. */
  about: string
}

interface Props {
  label: string
  hint?: ReactNode
  problem?: string
  value: string
  onChange: (value: string) => void
  choices: Choice[]
  onPick: (choice: Choice) => void
  /** Enter while nothing of the list is picked. */
  onEnter?: () => void
  /** Whether Enter takes the first of the list while nothing of it is picked. */
  takesFirst?: boolean
  /** Backspace. */
  onErase?: () => void
  onLeave?: () => void
  maxLength?: number
  autoFocus?: boolean
}

/**
 * A field with a list of what could be meant, by the combobox pattern of the ARIA Authoring
 * Practices: arrows go through the list, Enter picks, Escape closes it and only then the dialog.
 */
export function Combobox(props: Props) {
  const { label, hint, problem, value, onChange, choices, onPick, maxLength, autoFocus } = props
  const list = useId()
  const [open, setOpen] = useState(false)
  const [active, setActive] = useState(-1)
  const shown = open && choices.length > 0
  const at = active < choices.length ? active : -1

  function pick(choice: Choice) {
    setOpen(false)
    setActive(-1)
    onPick(choice)
  }

  function onKey(e: KeyboardEvent) {
    const last = choices.length - 1
    if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
      e.preventDefault()
      setOpen(true)
      const next = e.key === 'ArrowDown' ? at + 1 : at < 0 ? last : at - 1
      setActive(next > last ? 0 : next < 0 ? last : next)
    } else if (e.key === 'Enter' && shown && (at >= 0 || props.takesFirst)) {
      e.preventDefault()
      pick(choices[Math.max(at, 0)])
    } else if (e.key === 'Enter' && !props.onEnter) {
      // What comes for the list later must not take the next Escape.
      setOpen(false)
    } else if (e.key === 'Enter' && props.onEnter) {
      e.preventDefault()
      props.onEnter()
    } else if (e.key === 'Backspace') {
      props.onErase?.()
    } else if (e.key === 'Escape' && shown) {
      e.preventDefault()
      e.stopPropagation()
      e.nativeEvent.stopImmediatePropagation()
      setOpen(false)
      setActive(-1)
    }
  }

  return (
    <FieldFrame label={label} hint={hint} problem={problem}>
      {({ id, describedBy }) => (
        <div className="relative">
          <input
            id={id}
            role="combobox"
            aria-expanded={shown}
            aria-controls={shown ? list : undefined}
            aria-autocomplete="list"
            aria-activedescendant={shown && at >= 0 ? `${list}-${at}` : undefined}
            aria-describedby={describedBy}
            aria-invalid={problem ? true : undefined}
            autoComplete="off"
            // biome-ignore lint/a11y/noAutofocus: a dialog is opened to type here
            autoFocus={autoFocus}
            value={value}
            onChange={(e) => {
              onChange(e.target.value)
              setOpen(true)
              setActive(-1)
            }}
            onKeyDown={onKey}
            onBlur={() => {
              setOpen(false)
              props.onLeave?.()
            }}
            maxLength={maxLength}
            className={cx(fieldBox, 'h-8')}
          />
          {shown && (
            <div
              id={list}
              role="listbox"
              aria-label={label}
              className="absolute inset-x-0 top-full z-10 max-h-60 overflow-auto border border-edge border-t-0 bg-sheet py-1"
            >
              {choices.map((c, i) => (
                <div
                  key={c.id}
                  id={`${list}-${i}`}
                  role="option"
                  tabIndex={-1}
                  aria-selected={i === at}
                  // Before the field loses the keyboard.
                  onMouseDown={(e) => {
                    e.preventDefault()
                    pick(c)
                  }}
                  className={cx('flex cursor-pointer gap-3 px-2.5 py-1', i === at ? 'bg-desk' : 'hover:bg-desk')}
                >
                  <span className="min-w-0 flex-1 truncate">{c.label}</span>
                  <span className="shrink-0 text-small text-soft">{c.about}</span>
                </div>
              ))}
            </div>
          )}
        </div>
      )}
    </FieldFrame>
  )
}
