import { useKinds } from '../shared/api/kinds'
import { useRuleLabel } from '../shared/api/queries'
import type { Worklist as List, Site } from '../shared/api/types'
import { TextButton } from '../shared/ui/Button'
import { languageName } from '../shared/ui/languages'
import { writtenDay } from '../shared/ui/time'
import { all, type Filter, isNarrow } from './filter'

interface Props {
  list: List | undefined
  filter: Filter
  change: (part: Partial<Filter>) => void
  site: Site | undefined
}

const stageWords: Record<string, string> = {
  DRAFT: 'that are drafts',
  IN_REVIEW: 'in review',
  CLEARED: 'that are cleared',
  SCHEDULED: 'that are scheduled',
  LIVE: 'that are live',
  WITHDRAWN: 'that were withdrawn',
  ARCHIVED: 'in the archive',
  BINNED: 'in the bin',
}

function orderWords({ order, words }: Filter): string {
  if (order === 'TITLE') return 'by title'
  if (order === 'OLDEST') return 'longest untouched first'
  return order === 'BEST' && words ? 'best first' : 'changed latest first'
}

function parts(filter: Filter, site: Site | undefined, ruleLabel: (id: string) => string): string[] {
  const section = site?.sections.find((s) => s.slug === filter.section)
  const topic = section?.topics.find((t) => t.slug === filter.topic)?.name
  const days =
    filter.from && filter.until
      ? `changed from ${writtenDay(filter.from)} to ${writtenDay(filter.until)}`
      : filter.from
        ? `changed since ${writtenDay(filter.from)}`
        : filter.until && `changed until ${writtenDay(filter.until)}`
  return [
    filter.stage && stageWords[filter.stage],
    section && `in ${section.name}${site?.sections.some((s) => s.parent === section.slug) ? ' and its parts' : ''}`,
    topic && `about ${topic}`,
    filter.author && `by ${filter.author}`,
    filter.language && `in ${languageName(filter.language)}`,
    filter.keyword && `with the keyword “${filter.keyword}”`,
    filter.rule && `with the mark “${ruleLabel(filter.rule)}”`,
    filter.mustFix && 'that must be mended',
    filter.nowhere && 'to which no page leads',
    filter.expiring && 'with something that expires',
    days,
    filter.words && `with “${filter.words}”`,
  ].filter((part): part is string => !!part)
}

/** What is looked for, and how many there are, as a sentence. */
export function Sentence({ list, filter, change, site }: Props) {
  const one = useKinds().find((k) => k.name === filter.kind)
  const ruleLabel = useRuleLabel(filter.rule !== '')
  if (!list) return <p className="px-5 py-3">&nbsp;</p>
  const kind = one?.label.toLowerCase() ?? 'item'
  const several = one?.plural.toLowerCase() ?? 'items'
  const said = parts(filter, site, ruleLabel)
  return (
    <p className="px-5 py-3 text-soft" role="status">
      <span className="font-semibold text-ink">
        {list.found} {filter.mine ? `of your ${several}` : list.found === 1 ? kind : several}
        {filter.waiting && (list.found === 1 ? ' that waits for you' : ' that wait for you')}
      </span>{' '}
      {said.join(' ')}
      {said.length ? ',' : ''} {orderWords(filter)}. {list.told}{' '}
      {isNarrow(filter) && (
        <TextButton className="font-normal" onClick={() => change(all)}>
          Show all of {filter.mine ? 'yours' : 'everyone’s'}
        </TextButton>
      )}
    </p>
  )
}
