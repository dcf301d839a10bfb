import type { ReactNode } from 'react'
import { moved } from '../../shared/base/lists'
import { TextButton } from '../../shared/ui/Button'

interface Props<T> {
  label: string
  list: T[]
  nameOf: (one: T) => string
  set: (next: T[]) => void
  children: (one: T, i: number) => ReactNode
}

/** Things in an order that can be changed, each with what it is. */
export function Rows<T>({ label, list, nameOf, set, children }: Props<T>) {
  if (!list.length) return <p className="text-soft">None yet.</p>
  return (
    <ol aria-label={label} className="grid gap-2">
      {list.map((one, i) => (
        <li key={i} className="grid gap-1 border-line border-l-2 pl-2">
          {children(one, i)}
          <div className="flex gap-3">
            {i > 0 && (
              <TextButton aria-label={`Move ${nameOf(one)} up`} onClick={() => set(moved(list, i, i - 1))}>
                Up
              </TextButton>
            )}
            {i + 1 < list.length && (
              <TextButton aria-label={`Move ${nameOf(one)} down`} onClick={() => set(moved(list, i, i + 1))}>
                Down
              </TextButton>
            )}
            <TextButton aria-label={`Take ${nameOf(one)} off`} onClick={() => set(list.filter((_, n) => n !== i))}>
              Take off
            </TextButton>
          </div>
        </li>
      ))}
    </ol>
  )
}
