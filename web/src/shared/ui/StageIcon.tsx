import type { Stage } from '../api/types'

/** The shape of a stage: the meaning never hangs on colour alone. */
export function StageIcon({ stage, label }: { stage: Stage; label?: string }) {
  return (
    <svg
      viewBox="0 0 14 14"
      className="size-3.5 shrink-0"
      role={label ? 'img' : undefined}
      aria-hidden={!label}
      fill="none"
    >
      {label && <title>{label}</title>}
      {shapes[stage]}
    </svg>
  )
}

const ink = 'var(--color-ink)'
const ring = <circle cx="7" cy="7" r="5.5" stroke={ink} strokeWidth="1.6" />

const shapes: Record<Stage, React.ReactNode> = {
  DRAFT: <circle cx="7" cy="7" r="5.5" stroke={ink} strokeWidth="1.8" strokeDasharray="1.8 1.65" />,
  IN_REVIEW: (
    <>
      {ring}
      <path d="M7 1.5a5.5 5.5 0 0 0 0 11z" fill={ink} />
    </>
  ),
  CLEARED: (
    <>
      {ring}
      <circle cx="7" cy="7" r="2.4" stroke={ink} strokeWidth="1.4" />
    </>
  ),
  SCHEDULED: (
    <>
      {ring}
      <path d="M7 3.6V7h2.6" stroke={ink} strokeWidth="1.4" />
    </>
  ),
  LIVE: <circle cx="7" cy="7" r="6" fill="var(--color-moss)" />,
  WITHDRAWN: (
    <>
      {ring}
      <path d="M3.2 10.8l7.6-7.6" stroke={ink} strokeWidth="1.6" />
    </>
  ),
  ARCHIVED: <rect x="2" y="2" width="10" height="10" stroke={ink} strokeWidth="1.6" />,
  BINNED: (
    <>
      <rect x="2" y="2" width="10" height="10" stroke={ink} strokeWidth="1.6" />
      <path d="M4.6 4.6l4.8 4.8M9.4 4.6l-4.8 4.8" stroke={ink} strokeWidth="1.4" />
    </>
  ),
}
