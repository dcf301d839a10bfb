import type { ButtonHTMLAttributes, ComponentProps, Ref } from 'react'
import { cx } from './cx'

type Look = 'main' | 'plain' | 'quiet'

const looks: Record<Look, string> = {
  main: 'bg-petrol text-white border-petrol hover:bg-petrol-deep font-semibold',
  plain: 'bg-sheet text-ink border-edge hover:bg-desk',
  quiet: 'border-transparent text-ink hover:bg-desk',
}

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  look?: Look
  /** Why it cannot be used now. The button stays reachable by keyboard and says so. */
  blocked?: string
  ref?: Ref<HTMLButtonElement>
}

/** A button. A blocked one is not disabled: it can be reached, read, and says why. */
export function Button({ look = 'plain', blocked, className, onClick, children, ...rest }: Props) {
  return (
    <button
      type="button"
      {...rest}
      aria-disabled={blocked ? true : undefined}
      title={blocked || rest.title}
      onClick={(e) => {
        if (blocked) e.preventDefault()
        else onClick?.(e)
      }}
      className={cx(
        'inline-flex h-8 shrink-0 items-center gap-1.5 rounded-3 border px-3 text-plain whitespace-nowrap motion-safe:transition-colors motion-safe:duration-150',
        blocked ? 'cursor-not-allowed border-edge bg-desk font-semibold text-soft' : looks[look],
        className,
      )}
    >
      {children}
    </button>
  )
}

/** A word that does something, underlined as a link is. */
export function TextButton({ className, ...rest }: ComponentProps<'button'>) {
  return (
    <button
      type="button"
      {...rest}
      className={cx(
        'rounded-3 text-left font-semibold text-petrol underline decoration-1 underline-offset-2 hover:text-petrol-deep',
        className,
      )}
    />
  )
}
