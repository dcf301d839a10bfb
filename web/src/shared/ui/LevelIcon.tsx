import type { Level, Sign } from '../api/types'

const names: Record<Sign, string> = {
  MUST_FIX: 'Must fix',
  ADVISED: 'Advised',
  LOOK: 'Look yourself',
  PASSED: 'In order',
}

/** The shape of a finding: a filled triangle, an open diamond, an eye, a tick. */
export function LevelIcon({ level, silent = false }: { level: Level | Sign; silent?: boolean }) {
  return (
    <svg
      viewBox="0 0 14 14"
      className="size-3.5 shrink-0"
      role={silent ? undefined : 'img'}
      aria-hidden={silent}
      fill="none"
    >
      {!silent && <title>{names[level]}</title>}
      {shapes[level]}
    </svg>
  )
}

const shapes: Record<Sign, React.ReactNode> = {
  MUST_FIX: <path d="M7 1.5l6 11H1z" fill="var(--color-rust)" />,
  ADVISED: <path d="M7 1.6L12.4 7 7 12.4 1.6 7z" stroke="var(--color-pencil)" strokeWidth="1.8" />,
  LOOK: (
    <>
      <path
        d="M.8 7C2.6 4.2 4.6 3 7 3s4.4 1.2 6.2 4C11.4 9.8 9.4 11 7 11S2.6 9.8.8 7z"
        stroke="var(--color-ink)"
        strokeWidth="1.3"
      />
      <circle cx="7" cy="7" r="2" fill="var(--color-ink)" />
    </>
  ),
  PASSED: <path d="M2 7.6l3.2 3.4L12 3.2" stroke="var(--color-moss)" strokeWidth="2" />,
}
