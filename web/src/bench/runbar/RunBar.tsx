import type { Level, Stage, Step } from '../../shared/api/types'
import { Button, TextButton } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { LevelMark } from '../../shared/ui/LevelMark'
import { Menu, MenuItem } from '../../shared/ui/Menu'
import { StageMark } from '../../shared/ui/StageMark'
import { useBench, useSaved } from '../state/context'

const track: { stage: Stage; label: string }[] = [
  { stage: 'DRAFT', label: 'Draft' },
  { stage: 'IN_REVIEW', label: 'In review' },
  { stage: 'LIVE', label: 'Live' },
]

const levels: { level: Level; label: string }[] = [
  { level: 'MUST_FIX', label: 'must fix' },
  { level: 'ADVISED', label: 'advised' },
  { level: 'LOOK', label: 'to look at' },
]

/** Where the item stands, what the checks found, what holds it back, and the next step. */
export function RunBar({ act }: { act: (step: Step) => void }) {
  const { goTo, openMarks } = useBench()
  const stage = useSaved((now) => now.state.stage)
  const stageLabel = useSaved((now) => now.state.labels.stage)
  const steps = useSaved((now) => now.state.standing.steps)
  const findings = useSaved((now) => now.state.findings)
  const [main, ...others] = steps
  const stages = track.some((t) => t.stage === stage) ? track : [{ stage, label: stageLabel }]
  const mustFix = findings.filter((f) => f.level === 'MUST_FIX')
  const held = main?.byFindings && mustFix.length > 0

  return (
    <section
      aria-label="Run bar"
      data-region
      className="flex min-h-13 shrink-0 flex-wrap items-center gap-x-5 gap-y-1 border-ink border-t bg-sheet px-5 py-1.5"
    >
      <ol aria-label="Stages" className="flex items-center gap-2">
        {stages.map((s, i) => (
          <li key={s.stage} aria-current={s.stage === stage ? 'step' : undefined} className="flex items-center gap-2">
            {i > 0 && <span aria-hidden className="h-px w-5 bg-edge" />}
            <StageMark stage={s.stage} />
            <span className={cx(s.stage === stage ? 'font-semibold' : 'text-soft')}>{s.label}</span>
          </li>
        ))}
      </ol>
      <ul aria-label="Checks" className="flex gap-3">
        {levels.map(({ level, label }) => {
          const found = findings.filter((f) => f.level === level)
          return (
            <li key={level}>
              <button
                type="button"
                aria-disabled={!found.length || undefined}
                onClick={() => {
                  openMarks()
                  if (found[0]) goTo(found[0])
                }}
                className={cx(
                  'flex items-center gap-1.5 rounded-3',
                  found.length ? 'hover:underline' : 'cursor-default text-soft',
                )}
              >
                <LevelMark level={found.length ? level : 'PASSED'} silent />
                {found.length} {label}
              </button>
            </li>
          )
        })}
      </ul>
      <div className="ml-auto flex items-center gap-3">
        {held ? (
          <p id="held-back" className="min-w-0 text-right">
            <TextButton className="text-rust" onClick={() => goTo(mustFix[0], mustFix[0].fixes[0]?.asks)}>
              {mustFix[0].message}
            </TextButton>
            {mustFix.length > 1 && <span className="text-soft"> and {mustFix.length - 1} more</span>}
          </p>
        ) : (
          main?.blocked && (
            <p id="held-back" className="text-right text-soft">
              {main.blocked}
            </p>
          )
        )}
        {others.length > 0 && (
          <Menu trigger={<Button>Other steps</Button>}>
            {others.map((s) => (
              <MenuItem key={s.action} blocked={s.blocked} onSelect={() => act(s)}>
                {s.label}
              </MenuItem>
            ))}
          </Menu>
        )}
        {main && (
          <Button
            look="main"
            blocked={main.blocked}
            aria-describedby={main.blocked ? 'held-back' : undefined}
            onClick={() => act(main)}
          >
            {main.label}
          </Button>
        )}
      </div>
    </section>
  )
}
