import type { ReactNode } from 'react'
import type { OwnField } from '../../shared/api/types'

/** A field of several parts, under its label. */
export function Group({ field, problem, children }: { field: OwnField; problem: string; children: ReactNode }) {
  return (
    <fieldset className="grid gap-2">
      <legend className="mb-1 font-semibold">{field.label}</legend>
      {children}
      {field.help && <p className="text-small text-soft">{field.help}</p>}
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
    </fieldset>
  )
}
