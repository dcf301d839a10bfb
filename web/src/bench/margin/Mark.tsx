import { useQuery } from '@tanstack/react-query'
import { type KeyboardEvent, useRef, useState } from 'react'
import { answer, client } from '../../shared/api/client'
import type { Finding } from '../../shared/api/types'
import { NotYet, useForm } from '../../shared/form/useForm'
import { Button, TextButton } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { Input } from '../../shared/ui/Field'
import { FormState } from '../../shared/ui/FormState'
import { LevelIcon } from '../../shared/ui/LevelIcon'
import { asShown } from '../../sheet'
import { useBench } from '../state/context'
import { useFindings } from '../state/findings'
import { askWhy, comeTo, useWalk } from '../state/walk'
import { Known } from './Known'

/** One finding: what is wrong, why it matters, how it is put right, and where the rule comes from. */
export function Mark({ finding }: { finding: Finding }) {
  const { goTo, mend, leave } = useBench()
  const current = useWalk((now) => now.at === finding.id)
  const asked = useWalk((now) => now.asked === finding.id)
  const [more, setMore] = useState(false)
  const alike = useAlike(finding)
  return (
    <>
      <span className="pt-0.5">
        <LevelIcon level={finding.level} />
      </span>
      <div
        className={cx('min-w-0', current && '-ml-2 border-ink border-l-2 pl-1.5')}
        aria-current={current || undefined}
      >
        <button
          type="button"
          onClick={() => {
            comeTo(finding.id)
            goTo(finding)
          }}
          className="rounded-3 text-left font-semibold hover:underline"
        >
          {finding.message}
        </button>
        <p className="text-soft">{finding.why}</p>
        <p className="flex flex-wrap gap-x-4 [&>button]:min-h-6">
          {finding.fixes.map((fix, i) => (
            <TextButton key={fix.label} onClick={() => mend(finding, i)}>
              {fix.label}
            </TextButton>
          ))}
          {alike.map(({ fix, index, count }) => (
            <TextButton
              key={`all ${fix.label}`}
              aria-label={`${fix.label}: all ${count}`}
              onClick={() => mend(finding, index, true)}
            >
              All {count}
            </TextButton>
          ))}
          {finding.mayLeave && !asked && (
            <TextButton onClick={() => (finding.level === 'ADVISED' ? leave(finding, '') : askWhy(finding.id))}>
              {finding.level === 'MUST_FIX' ? 'Go on in spite of it' : 'Leave it as it is'}
            </TextButton>
          )}
          {finding.rule === 'spelling' && <Known finding={finding} />}
          <TextButton aria-expanded={more} onClick={() => setMore(!more)}>
            {more ? 'Less' : 'More'}
          </TextButton>
        </p>
        {asked && <Why finding={finding} />}
        {more && <More finding={finding} />}
      </div>
    </>
  )
}

/** The repairs that several findings of one sort share. */
function useAlike(finding: Finding) {
  const { open } = useFindings()
  return finding.fixes.flatMap((fix, index) => {
    const count = open.filter(
      (f) => f.rule === finding.rule && f.fixes.some((x) => !x.asks && x.label === fix.label),
    ).length
    return fix.asks || count < 2 ? [] : [{ fix, index, count }]
  })
}

/** Asks for the reason for which something is right as it is. */
function Why({ finding }: { finding: Finding }) {
  const { leave, saver } = useBench()
  const form = useForm(`reason:${saver.key}:${finding.id}`, {
    stored: { reason: '' },
    send: async (typed) => {
      // The bench has said why not.
      if (!(await leave(finding, typed.reason.trim()))) throw new NotYet()
    },
  })
  const { reason } = form.value
  const [problem, setProblem] = useState('')
  const field = useRef<HTMLInputElement>(null)
  const done = () => {
    if (reason.trim()) return form.submit()
    setProblem('A few words are enough.')
    field.current?.focus()
  }
  const onKey = (e: KeyboardEvent) => {
    if (e.key === 'Enter' && !e.nativeEvent.isComposing) {
      e.preventDefault()
      done()
    } else if (e.key === 'Escape') {
      e.stopPropagation()
      askWhy('')
    }
  }
  return (
    <div className="mt-1 grid gap-2">
      <Input
        ref={field}
        // Somebody pressed to be asked.
        autoFocus
        label={finding.level === 'MUST_FIX' ? 'Why may it go live so?' : 'Why is it right as it is?'}
        problem={problem}
        maxLength={500}
        value={reason}
        onChange={(e) => form.set({ reason: e.target.value })}
        onKeyDown={onKey}
      />
      <span className="flex gap-2">
        <Button look="main" onClick={done}>
          Leave it
        </Button>
        <Button
          onClick={() => {
            form.drop()
            askWhy('')
          }}
        >
          Cancel
        </Button>
      </span>
      <FormState form={form} quiet />
    </div>
  )
}

/** Where a rule comes from, and what each repair would give. */
function More({ finding }: { finding: Finding }) {
  return (
    <div className="mt-1.5 grid gap-2 text-small">
      <p className="text-soft">
        <b className="text-ink">{finding.label}.</b> {finding.reference}
      </p>
      {finding.fixes.map((fix, i) =>
        fix.asks ? null : <Given key={fix.label} finding={finding} index={i} label={fix.label} />,
      )}
    </div>
  )
}

/** What is there now, and what would stand there. */
function Given({ finding, index, label }: { finding: Finding; index: number; label: string }) {
  const { saver } = useBench()
  const revision = saver.snapshot().state.revision
  const given = useQuery({
    queryKey: ['given', saver.key, finding.id, index, revision],
    queryFn: () => {
      const path = { key: saver.key, finding: finding.id, fix: index }
      return answer(client.GET('/editor/api/items/{key}/findings/{finding}/fixes/{fix}', { params: { path } }))
    },
  })
  if (given.isError) return <p className="text-soft">What “{label}” gives cannot be shown now.</p>
  if (!given.data) return <p className="text-soft">Looking …</p>
  return (
    <section aria-label={`What “${label}” gives`} className="grid gap-1">
      <Shown name="Now" html={given.data.before} />
      <Shown name={label} html={given.data.after} />
    </section>
  )
}

function Shown({ name, html }: { name: string; html: string }) {
  return (
    <div className="border border-line bg-sheet">
      <p className="border-line border-b px-2 text-soft">{name}</p>
      <div className="max-h-32 overflow-auto px-2 py-1">
        {html ? (
          <div className="article !text-[0.8125rem]" inert dangerouslySetInnerHTML={{ __html: asShown(html) }} />
        ) : (
          <p className="text-soft">Nothing</p>
        )}
      </div>
    </div>
  )
}
