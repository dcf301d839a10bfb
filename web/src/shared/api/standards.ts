import type { KindRules, Rule, RuleSetting, Rules, Weight } from './types'

/** The name under which stands what holds for every kind. */
export const EVERY = ''

/** A rule of which nothing is said. */
export const asItComes = (rule: string): RuleSetting => ({
  rule,
  numbers: {},
  words: [],
  wording: '',
  overrule: 'NOBODY',
})

/** What is said of a rule for a kind by itself, or for every kind. */
export const said = (kinds: KindRules[], kind: string, rule: string) =>
  kinds.find((k) => k.kind === kind)?.rules.find((r) => r.rule === rule)

/** How a rule holds for items of a kind. */
export const holds = (kinds: KindRules[], kind: string, rule: string): RuleSetting =>
  said(kinds, kind, rule) ?? said(kinds, EVERY, rule) ?? asItComes(rule)

/** How much a rule weighs for items of a kind. */
export const weightOf = (kinds: KindRules[], kind: string, rule: Rule): Weight =>
  holds(kinds, kind, rule.id).weight ?? rule.weight

/** The same, with a rule set otherwise for a kind; as for every kind where nothing is given. */
export function withRule(kinds: KindRules[], kind: string, rule: string, setting?: RuleSetting): KindRules[] {
  const rules = (kinds.find((k) => k.kind === kind)?.rules ?? []).filter((r) => r.rule !== rule)
  const next = setting && !(kind === EVERY && isAsItComes(setting)) ? [...rules, setting] : rules
  const others = kinds.filter((k) => k.kind !== kind)
  return next.length ? [...others, { kind, rules: next }] : others
}

function isAsItComes({ rule, ...setting }: RuleSetting) {
  const { rule: _, ...first } = asItComes(rule)
  return JSON.stringify({ ...setting, weight: setting.weight ?? undefined }) === JSON.stringify({ ...first })
}

/** The same, with the weights of a way to begin; numbers, words and wordings stay. */
export function begunFrom(kinds: KindRules[], kind: string, preset: Rules['presets'][number], rules: Rule[]) {
  return rules.reduce((all, rule) => {
    const weight = preset.weights[rule.id] as Weight
    if (weight === weightOf(all, kind, rule)) return all
    const before = holds(all, kind, rule.id)
    return withRule(all, kind, rule.id, {
      ...before,
      weight: kind === EVERY && weight === rule.weight ? undefined : weight,
    })
  }, kinds)
}
