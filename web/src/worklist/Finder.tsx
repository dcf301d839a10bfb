import { useEffect, useId, useState } from 'react'
import { useRules } from '../shared/api/queries'
import type { Site } from '../shared/api/types'
import { cx } from '../shared/ui/cx'
import { Input, Select } from '../shared/ui/Field'
import { languageName, languages } from '../shared/ui/languages'
import { SectionOptions } from '../shared/ui/SectionOptions'
import { useOffers } from '../shared/ui/useOffers'
import type { Filter } from './filter'

interface Props {
  filter: Filter
  change: (part: Partial<Filter>) => void
  site?: Site | undefined
}

const orders: Record<Filter['order'], string> = {
  BEST: 'Best first, else latest',
  CHANGED: 'Latest changed first',
  OLDEST: 'Longest untouched first',
  TITLE: 'By title',
}

/** What is asked for besides words, section and kind. */
function more({
  topic,
  author,
  language,
  keyword,
  rule,
  from,
  until,
  mustFix,
  nowhere,
  expiring,
  order,
}: Filter): number {
  return [topic, author, language, keyword, rule, from, until, mustFix, nowhere, expiring, order !== 'BEST'].filter(
    Boolean,
  ).length
}

/** Looks for items by words and by what they are. */
export function Finder({ filter, change, site }: Props) {
  const [words, setWords] = useState(filter.words)
  const [open, setOpen] = useState(more(filter) > 0)
  const id = useId()
  useEffect(() => setWords(filter.words), [filter.words])
  useEffect(() => {
    const timer = setTimeout(() => {
      // Whoever has gone on to an item while it loads must not be called back by what they looked for.
      if (words !== filter.words && location.pathname.endsWith('/worklist')) change({ words })
    }, 250)
    return () => clearTimeout(timer)
  })
  const chip = 'h-8 rounded-3 border px-2.5'
  const chosen = (on: boolean) => cx(chip, on ? 'border-ink bg-ink text-white' : 'border-edge bg-sheet')
  const count = more(filter)
  return (
    <search className="grid gap-3 px-5 pt-4">
      <div className="flex flex-wrap gap-2">
        <input
          type="search"
          aria-label="Search titles and texts"
          placeholder="Search titles and texts"
          title="Words in quotation marks are looked for as they stand"
          value={words}
          onChange={(e) => setWords(e.target.value)}
          className="h-8 min-w-40 flex-1 rounded-3 border border-edge bg-sheet px-2.5 placeholder:text-soft"
        />
        <select
          aria-label="Section"
          className={chosen(!!filter.section)}
          value={filter.section}
          onChange={(e) => change({ section: e.target.value, topic: '' })}
        >
          <option value="">Every section</option>
          <SectionOptions sections={site?.sections ?? []} />
        </select>
        <select
          aria-label="Kind"
          className={chosen(!!filter.kind)}
          value={filter.kind}
          onChange={(e) => change({ kind: e.target.value })}
        >
          <option value="">Every kind</option>
          {site?.kinds.map((k) => (
            <option key={k.name} value={k.name}>
              {k.label}
            </option>
          ))}
        </select>
        <button
          type="button"
          aria-expanded={open}
          aria-controls={id}
          className={chosen(count > 0)}
          onClick={() => setOpen(!open)}
        >
          More filters{count > 0 && ` (${count})`}
        </button>
      </div>
      {open && <More id={id} filter={filter} change={change} site={site} />}
    </search>
  )
}

function More({ id, filter, change, site }: Props & { id: string }) {
  const topics = site?.sections.find((s) => s.slug === filter.section)?.topics ?? []
  const rules = useRules()
  return (
    <section
      id={id}
      aria-label="More filters"
      className="grid gap-3 border-line border-t pt-3 sm:grid-cols-2 xl:grid-cols-4"
    >
      <Select
        label="Topic"
        value={filter.topic}
        disabled={!topics.length}
        hint={filter.section ? undefined : 'Choose a section first.'}
        onChange={(e) => change({ topic: e.target.value })}
      >
        <option value="">Every topic</option>
        {topics.map((t) => (
          <option key={t.slug} value={t.slug}>
            {t.name}
          </option>
        ))}
      </Select>
      <Word label="Author" of="AUTHORS" value={filter.author} set={(author) => change({ author })} />
      <Word label="Keyword" of="KEYWORDS" value={filter.keyword} set={(keyword) => change({ keyword })} />
      <Select label="Mark" value={filter.rule} onChange={(e) => change({ rule: e.target.value })}>
        <option value="">With any marks or none</option>
        {rules.data?.groups.map((g) => (
          <optgroup key={g.label} label={g.label}>
            {g.rules.map((r) => (
              <option key={r.id} value={r.id}>
                {r.label}
              </option>
            ))}
          </optgroup>
        ))}
      </Select>
      <Select label="Language" value={filter.language} onChange={(e) => change({ language: e.target.value })}>
        <option value="">Every language</option>
        {[...new Set([filter.language, site?.language ?? '', ...languages])].filter(Boolean).map((tag) => (
          <option key={tag} value={tag}>
            {languageName(tag)}
          </option>
        ))}
      </Select>
      <Input label="Changed from" type="date" value={filter.from} onChange={(e) => change({ from: e.target.value })} />
      <Input
        label="Changed until"
        type="date"
        value={filter.until}
        onChange={(e) => change({ until: e.target.value })}
      />
      <Select
        label="In which order"
        value={filter.order}
        onChange={(e) => change({ order: e.target.value as Filter['order'] })}
      >
        {Object.entries(orders).map(([order, name]) => (
          <option key={order} value={order}>
            {name}
          </option>
        ))}
      </Select>
      <label className="flex items-center gap-2 self-end pb-1.5">
        <input type="checkbox" checked={filter.mustFix} onChange={(e) => change({ mustFix: e.target.checked })} />
        Only what must be mended
      </label>
      <label className="flex items-center gap-2 self-end pb-1.5">
        <input type="checkbox" checked={filter.nowhere} onChange={(e) => change({ nowhere: e.target.checked })} />
        Live, but no page leads to it
      </label>
      <label className="flex items-center gap-2 self-end pb-1.5">
        <input type="checkbox" checked={filter.expiring} onChange={(e) => change({ expiring: e.target.checked })} />
        Something in it expires
      </label>
    </section>
  )
}

interface WordProps {
  label: string
  of: 'KEYWORDS' | 'AUTHORS'
  value: string
  set: (word: string) => void
}

/** A word that is in use, looked for once it is whole: at Enter, at one that was offered, and on leaving the field. */
function Word({ label, of, value, set }: WordProps) {
  const { typed, setTyped, offers } = useOffers(of, useState(''))
  const [shown, setShown] = useState(value)
  const list = useId()
  useEffect(() => setShown(value), [value])
  const done = (word: string) => word.trim() !== value && set(word.trim())
  return (
    <div>
      <Input
        label={label}
        list={list}
        value={shown}
        onChange={(e) => {
          setShown(e.target.value)
          setTyped(e.target.value)
          if (!e.target.value || offers.some((o) => o.id === e.target.value)) done(e.target.value)
        }}
        onBlur={() => done(shown)}
        onKeyDown={(e) => e.key === 'Enter' && done(shown)}
      />
      <datalist id={list}>{typed && offers.map((o) => <option key={o.id} value={o.id} />)}</datalist>
    </div>
  )
}
