import type { ReactNode } from 'react'

interface PickProps {
  name: string
  value: string
  choices: (readonly [string, string])[]
  set: (value: string) => void
}

/** A choice in the line below the tools. */
export function Pick({ name, value, choices, set }: PickProps) {
  const known = choices.some(([v]) => v === value)
  return (
    <select
      aria-label={name}
      title={name}
      value={value}
      onChange={(e) => set(e.target.value)}
      className="h-6 shrink-0 rounded-3 border border-edge bg-sheet px-0.5 text-small"
    >
      {!known && <option value={value}>{value || name}</option>}
      {choices.map(([v, label]) => (
        <option key={v} value={v}>
          {label}
        </option>
      ))}
    </select>
  )
}

interface TypedProps {
  name: string
  value: string
  hint?: string
  set: (value: string) => void
}

/** A field whose value is taken when one leaves it or presses Enter. */
export function Typed({ name, value, hint, set }: TypedProps) {
  return (
    <label className="flex shrink-0 items-center gap-1">
      {name}
      <input
        key={value}
        defaultValue={value}
        placeholder={hint}
        onKeyDown={(e) => {
          if (e.key === 'Enter') {
            e.preventDefault()
            set(e.currentTarget.value)
          }
          e.stopPropagation()
        }}
        onBlur={(e) => e.target.value !== value && set(e.target.value)}
        className="h-6 w-28 rounded-3 border border-edge bg-sheet px-1.5 placeholder:text-soft"
      />
    </label>
  )
}

/** Advice on what is set here. */
export function Caution({ children }: { children: ReactNode }) {
  return (
    <p role="status" className="max-w-96 pl-1 text-pencil">
      ◇ {children}
    </p>
  )
}
