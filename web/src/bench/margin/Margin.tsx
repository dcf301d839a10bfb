import { Tabs } from 'radix-ui'
import { useEffect, useState } from 'react'
import type { Finding } from '../../shared/api/types'
import { useLead } from '../../shared/store/asked'
import { LevelMark } from '../../shared/ui/LevelMark'
import { useBench, useSaved } from '../state/context'
import { CardSummaries, Cards } from './Cards'
import { Marks } from './Marks'

/** The strip right of the sheet: marks beside the lines they concern, and cards. */
export function Margin({ narrow = false }: { narrow?: boolean }) {
  const { marksOpen } = useBench()
  const lead = useLead()
  const [tab, setTab] = useState('marks')
  const [card, setCard] = useState('')
  useEffect(() => {
    if (/^(summary|section|slug|keywords)$/.test(lead)) setTab('cards')
  }, [lead])
  useEffect(() => {
    if (marksOpen) setTab('marks')
  }, [marksOpen])

  if (narrow) return <Rail />
  const trigger =
    'h-full border-b-3 border-transparent pt-0.5 text-soft data-[state=active]:border-ink data-[state=active]:font-semibold data-[state=active]:text-ink'
  return (
    <aside aria-label="Margin" data-region className="w-79 shrink-0 border-line border-l max-lg:w-64">
      <Tabs.Root value={tab} onValueChange={setTab} className="flex h-full flex-col">
        <Tabs.List aria-label="Margin" className="flex h-11 shrink-0 gap-5 border-line border-b px-4">
          <Tabs.Trigger value="marks" className={trigger}>
            Marks
          </Tabs.Trigger>
          <Tabs.Trigger value="cards" className={trigger}>
            Cards
          </Tabs.Trigger>
        </Tabs.List>
        <Tabs.Content value="marks" tabIndex={-1} className="flex min-h-0 flex-1 flex-col">
          <Marks />
          <CardSummaries
            open={(name) => {
              setCard(name)
              setTab('cards')
            }}
          />
        </Tabs.Content>
        <Tabs.Content value="cards" tabIndex={-1} className="min-h-0 flex-1 overflow-auto">
          <Cards opened={card} />
        </Tabs.Content>
      </Tabs.Root>
    </aside>
  )
}

/** The margin folded to the shapes of its marks; each leads to its place. */
function Rail() {
  const { goTo } = useBench()
  const findings = useSaved((now) => now.state.findings)
  return (
    <aside
      aria-label="Marks"
      data-region
      className="flex w-11 shrink-0 flex-col items-center gap-1 overflow-auto border-line border-l py-3"
    >
      {findings.map((f: Finding) => (
        <button
          key={`${f.rule}${f.path}${f.from}`}
          type="button"
          title={f.message}
          aria-label={f.message}
          onClick={() => goTo(f)}
          className="grid size-7 place-items-center rounded-3 hover:bg-desk"
        >
          <LevelMark level={f.level} silent />
        </button>
      ))}
      {!findings.length && <LevelMark level="PASSED" />}
    </aside>
  )
}
