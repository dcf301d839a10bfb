import { useState } from 'react'
import type { Rule, RuleSetting, Weight } from '../../shared/api/types'
import { TextButton } from '../../shared/ui/Button'
import { FieldFrame, fieldBox, Input, Select } from '../../shared/ui/Field'

export const weights: Record<Weight, string> = {
  OFF: 'Off',
  LOOK: 'To look at',
  ADVISED: 'Advised',
  REQUIRED: 'Required',
}

const overrulers: Record<RuleSetting['overrule'], string> = {
  NOBODY: 'Nobody',
  EDITORS: 'Editors',
  EVERYBODY: 'Whoever writes it',
}

interface Props {
  rule: Rule
  /** How it holds for the items that are looked at. */
  setting: RuleSetting
  /** How it holds where nothing is said for them. */
  otherwise: RuleSetting
  /** Whether something is said for them. */
  isSaid: boolean
  /** What it is called that holds where nothing is said. */
  otherwiseName: string
  blocked: boolean
  set: (setting: RuleSetting | undefined) => void
}

/** One rule: how much it weighs, and all by which it is set. */
export function RuleRow({ rule, setting, otherwise, isSaid, otherwiseName, blocked, set }: Props) {
  const [open, setOpen] = useState(false)
  const weight = setting.weight ?? rule.weight
  const change = (part: Partial<RuleSetting>) => set({ ...setting, ...part })
  return (
    <li className="border-line border-t py-2">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <p className="min-w-0 flex-1 basis-56">
          {rule.label}
          {isSaid && <span className="text-small text-soft"> · set here</span>}
        </p>
        {blocked || rule.always ? (
          <p className="text-soft">{rule.always ? 'Always required' : weights[weight]}</p>
        ) : (
          <select
            aria-label={`How much it weighs: ${rule.label}`}
            value={isSaid ? weight : ''}
            onChange={(e) => (e.target.value ? change({ weight: e.target.value as Weight }) : set(undefined))}
            className="h-8 w-56 rounded-3 border border-edge bg-sheet px-2"
          >
            <option value="">
              {otherwiseName}: {weights[otherwise.weight ?? rule.weight].toLowerCase()}
            </option>
            {Object.entries(weights).map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </select>
        )}
        <TextButton aria-expanded={open} aria-label={`More on: ${rule.label}`} onClick={() => setOpen(!open)}>
          {open ? 'Less' : 'More'}
        </TextButton>
      </div>
      {open && (
        <div className="mt-2 grid gap-3 border-line border-l-2 pl-3">
          <p className="text-soft">{rule.why}</p>
          <p className="text-small text-soft">{rule.reference}</p>
          {!blocked && (
            <>
              {rule.parameters.map((p) => (
                <Input
                  key={p.name}
                  type="number"
                  label={p.label}
                  hint={`From ${p.least} to ${p.most}; at first ${p.usual}.`}
                  min={p.least}
                  max={p.most}
                  value={setting.numbers[p.name] ?? p.usual}
                  onChange={(e) => {
                    const { [p.name]: _, ...others } = setting.numbers
                    const typed = e.target.valueAsNumber
                    change({ numbers: Number.isNaN(typed) ? others : { ...others, [p.name]: typed } })
                  }}
                  className="max-w-32"
                />
              ))}
              {rule.words && (
                <FieldFrame label={rule.words.label} hint={rule.words.about}>
                  {({ id, describedBy }) => (
                    <textarea
                      id={id}
                      aria-describedby={describedBy}
                      rows={6}
                      value={setting.words.join('\n')}
                      onChange={(e) => change({ words: e.target.value ? e.target.value.split('\n') : [] })}
                      className={`${fieldBox} py-1.5`}
                    />
                  )}
                </FieldFrame>
              )}
              <Input
                label="Why it matters, in your own words"
                hint="What writers read in the place of the sentence above."
                value={setting.wording}
                maxLength={300}
                onChange={(e) => change({ wording: e.target.value })}
              />
              {weight === 'REQUIRED' && (
                <Select
                  label="Who may go on in spite of it"
                  hint="With a reason, which is kept with the item."
                  value={setting.overrule}
                  onChange={(e) => change({ overrule: e.target.value as RuleSetting['overrule'] })}
                >
                  {Object.entries(overrulers).map(([value, name]) => (
                    <option key={value} value={value}>
                      {name}
                    </option>
                  ))}
                </Select>
              )}
            </>
          )}
        </div>
      )}
    </li>
  )
}
