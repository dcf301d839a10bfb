import type { Outline } from '../api/types'
import { cx } from './cx'

/** What an outline holds, in a few lines. */
export function OutlineLines({ outline }: { outline: Outline }) {
  return (
    <ul aria-label={`What “${outline.name}” holds`} className="grid gap-1">
      {outline.lines.map((l, i) => (
        <li
          key={i}
          style={{ paddingLeft: `${l.level ? (l.level - 2) * 0.9 : 0.9}rem` }}
          className={cx(l.prompt ? 'text-soft italic' : 'font-serif', l.level > 0 && 'font-semibold')}
        >
          {l.words}
        </li>
      ))}
    </ul>
  )
}
