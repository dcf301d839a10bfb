import { type InputHTMLAttributes, type ReactNode, type Ref, type SelectHTMLAttributes, useId } from 'react'
import { cx } from './cx'

const box = 'w-full rounded-3 border border-edge bg-sheet px-2.5 text-plain text-ink placeholder:text-soft'

interface FrameProps {
  label: string
  hint?: ReactNode
  problem?: string
  children: (ids: { id: string; describedBy: string | undefined }) => ReactNode
}

/** A labelled field with a hint, and a problem in plain words where there is one. */
export function FieldFrame({ label, hint, problem, children }: FrameProps) {
  const id = useId()
  const told = [hint ? `${id}-hint` : '', problem ? `${id}-problem` : ''].filter(Boolean).join(' ')
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id} className="font-semibold">
        {label}
      </label>
      {children({ id, describedBy: told || undefined })}
      {hint && (
        <p id={`${id}-hint`} className="text-small text-soft">
          {hint}
        </p>
      )}
      {problem && (
        <p id={`${id}-problem`} role="alert" className="text-plain text-rust">
          {problem}
        </p>
      )}
    </div>
  )
}

interface InputProps extends InputHTMLAttributes<HTMLInputElement> {
  ref?: Ref<HTMLInputElement>
  label: string
  hint?: ReactNode
  problem?: string
}

export function Input({ label, hint, problem, className, ...rest }: InputProps) {
  return (
    <FieldFrame label={label} hint={hint} problem={problem}>
      {({ id, describedBy }) => (
        <input
          {...rest}
          id={id}
          aria-describedby={describedBy}
          aria-invalid={problem ? true : undefined}
          className={cx(box, 'h-8', className)}
        />
      )}
    </FieldFrame>
  )
}

interface SelectProps extends SelectHTMLAttributes<HTMLSelectElement> {
  label: string
  hint?: ReactNode
}

export function Select({ label, hint, children, ...rest }: SelectProps) {
  return (
    <FieldFrame label={label} hint={hint}>
      {({ id, describedBy }) => (
        <select {...rest} id={id} aria-describedby={describedBy} className={cx(box, 'h-8')}>
          {children}
        </select>
      )}
    </FieldFrame>
  )
}

export const fieldBox = box
