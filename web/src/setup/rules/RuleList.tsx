import { useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { useRefresh, useRules, useSite } from '../../shared/api/queries'
import { asItComes, begunFrom, EVERY, holds, said, withRule } from '../../shared/api/standards'
import type { KindRules } from '../../shared/api/types'
import { on } from '../../shared/form/change'
import { useForm } from '../../shared/form/useForm'
import { Button, TextButton } from '../../shared/ui/Button'
import { Select } from '../../shared/ui/Field'
import { SettingsFoot } from '../SettingsFoot'
import { RuleRow } from './RuleRow'
import { TryRules } from './TryRules'

const lists = {
  kinds: (k: KindRules) => k.kind,
  'kinds.*.rules': (r: KindRules['rules'][number]) => r.rule,
}

/** What the site asks of its items: each rule, for every kind or for one. */
export function RuleList({ blocked }: { blocked: string }) {
  const refresh = useRefresh()
  const site = useSite()
  const found = useRules()
  const form = useForm('rules', {
    stored: found.data && { kinds: found.data.kinds },
    blank: { kinds: [] as KindRules[] },
    revision: found.data?.revision,
    send: (body, seen) => answer(client.PUT('/editor/api/rules', { params: { header: on(seen) }, body })),
    read: ({ kinds: theirs }: { kinds: KindRules[] }) => ({ kinds: theirs }),
    done: refresh,
    told: 'Set. Open benches follow at once; the worklist as its items are looked over.',
    lists,
    labels: { kinds: 'Rules' },
  })
  const { kinds } = form.value
  const change = (next: KindRules[]) => form.set({ kinds: next })
  const [kind, setKind] = useState(EVERY)
  const groups = found.data?.groups ?? []
  const rules = groups.flatMap((g) => g.rules)
  const kindsToPick = [{ name: EVERY, plural: 'Every kind' }, ...(site.data?.kinds ?? [])]
  const kindName = site.data?.kinds.find((k) => k.name === kind)?.plural ?? ''
  return (
    <section aria-label="Rules" className="grid grid-cols-[minmax(0,1fr)] gap-3">
      <h2 className="font-semibold font-serif text-large">Rules</h2>
      <p className="text-soft">
        What Blenner looks for in every item. What a rule that is required finds must be put right before an item goes
        live; what one that is advised finds is told; what is to be looked at, only a person can judge.
      </p>
      {found.error && (
        <p role="alert" className="text-rust">
          {found.error.message} <TextButton onClick={() => found.refetch()}>Try again</TextButton>
        </p>
      )}
      <form onSubmit={form.submit} className="grid grid-cols-[minmax(0,1fr)] gap-3">
        <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
          {blocked ? (
            <p className="flex flex-wrap gap-x-4">
              <b>They hold for</b>
              {kindsToPick.map((k) => (
                <TextButton key={k.name} aria-pressed={k.name === kind} onClick={() => setKind(k.name)}>
                  {k.plural}
                </TextButton>
              ))}
            </p>
          ) : (
            <Select label="They hold for" value={kind} onChange={(e) => setKind(e.target.value)}>
              {kindsToPick.map((k) => (
                <option key={k.name} value={k.name}>
                  {k.plural}
                </option>
              ))}
            </Select>
          )}
          {!blocked && (
            <fieldset className="grid gap-1">
              <legend className="font-semibold">Begin from</legend>
              <span className="flex flex-wrap gap-2">
                {found.data?.presets.map((p) => (
                  <Button key={p.label} title={p.about} onClick={() => change(begunFrom(kinds, kind, p, rules))}>
                    {p.label}
                  </Button>
                ))}
              </span>
            </fieldset>
          )}
        </div>
        {!blocked && (
          <p className="text-small text-soft">
            {found.data?.presets.map((p) => `${p.label}: ${p.about}`).join(' ')} Numbers and words stay as they are.
          </p>
        )}
        {groups.map((group) => {
          const set = group.rules.filter((r) => said(kinds, kind, r.id)).length
          return (
            <details key={group.label} className="border-line border-t pt-2">
              <summary className="cursor-pointer">
                <b>{group.label}</b>{' '}
                <span className="text-soft">
                  {group.about} {group.rules.length} rules{set > 0 && `, ${set} set here`}.
                </span>
              </summary>
              <ul className="mt-2">
                {group.rules.map((rule) => (
                  <RuleRow
                    key={rule.id}
                    rule={rule}
                    blocked={Boolean(blocked)}
                    setting={holds(kinds, kind, rule.id)}
                    isSaid={Boolean(said(kinds, kind, rule.id))}
                    otherwise={kind === EVERY ? asItComes(rule.id) : holds(kinds, EVERY, rule.id)}
                    otherwiseName={kind === EVERY ? 'As it comes' : 'As for every kind'}
                    set={(setting) => change(withRule(kinds, kind, rule.id, setting))}
                  />
                ))}
              </ul>
            </details>
          )
        })}
        {!blocked && found.data && (
          <>
            <TryRules kinds={kinds} />
            {kind !== EVERY && <p className="text-small text-soft">What is set here holds for {kindName} alone.</p>}
            <SettingsFoot form={form} does="Set the rules" />
          </>
        )}
      </form>
    </section>
  )
}
