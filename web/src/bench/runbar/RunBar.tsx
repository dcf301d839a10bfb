import type { Level, Stage, Step } from '../../shared/api/types'
import { Button, TextButton } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { LevelIcon } from '../../shared/ui/LevelIcon'
import { Menu, MenuItem } from '../../shared/ui/Menu'
import { Overflow } from '../../shared/ui/Overflow'
import { StageIcon } from '../../shared/ui/StageIcon'
import { useBench, useSaved } from '../state/context'
import { inReadingOrder, useFindings } from '../state/findings'

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

/** Where the item stands, whose turn it is, what the checks found, what holds it back, and the next step. */
export function RunBar({ act }: { act: (step: Step) => void }) {
  const { goTo, openMarks } = useBench()
  const stage = useSaved((now) => now.state.stage)
  const stageLabel = useSaved((now) => now.state.labels.stage)
  const { steps, turn } = useSaved((now) => now.state.standing)
  const { open: findings } = useFindings()
  const [main, ...others] = steps
  const stages = track.some((t) => t.stage === stage) ? track : [{ stage, label: stageLabel }]
  const mustFix = inReadingOrder(findings.filter((f) => f.level === 'MUST_FIX'))
  const held = main?.byFindings && mustFix.length > 0

  const checks = levels.map(({ level, label }) => {
    const found = inReadingOrder(findings.filter((f) => f.level === level))
    const node = (
      <button
        type="button"
        aria-disabled={!found.length || undefined}
        onClick={() => {
          openMarks()
          if (found[0]) goTo(found[0])
        }}
        className={cx(
          'flex items-center gap-1.5 whitespace-nowrap rounded-3 px-1',
          found.length ? 'hover:underline' : 'cursor-default text-soft',
        )}
      >
        <LevelIcon level={found.length ? level : 'PASSED'} silent />
        {found.length} {label}
      </button>
    )
    return { key: level, node }
  })
  const where = (
    <ol aria-label="Stages" className="flex items-center gap-2 pr-3">
      {stages.map((s, i) => (
        <li
          key={s.stage}
          aria-current={s.stage === stage ? 'step' : undefined}
          className="flex items-center gap-2 whitespace-nowrap"
        >
          {i > 0 && <span aria-hidden className="h-px w-4 bg-edge" />}
          <StageIcon stage={s.stage} />
          <span className={cx(s.stage === stage ? 'font-semibold' : 'text-soft')}>{s.label}</span>
        </li>
      ))}
    </ol>
  )

  return (
    <section
      aria-label="Run bar"
      data-region
      className="flex h-13 shrink-0 items-center gap-x-3 border-ink border-t bg-sheet px-5 max-lg:px-3"
    >
      <Overflow items={[{ key: 'stages', node: where }, ...checks]} more="More of the checks" />
      {held ? (
        <p id="held-back" className="flex min-w-0 max-w-[42%] shrink items-baseline gap-1" title={mustFix[0].message}>
          <TextButton className="truncate text-rust" onClick={() => goTo(mustFix[0], mustFix[0].fixes[0]?.asks)}>
            {mustFix[0].message}
          </TextButton>
          {mustFix.length > 1 && <span className="shrink-0 text-soft"> and {mustFix.length - 1} more</span>}
        </p>
      ) : (
        <p
          id="held-back"
          className="line-clamp-2 min-w-0 max-w-[42%] shrink text-right text-soft"
          title={main?.blocked || turn}
        >
          {main?.blocked || turn}
        </p>
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
    </section>
  )
}
