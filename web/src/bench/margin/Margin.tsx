import { Tabs } from 'radix-ui'
import { useEffect, useState } from 'react'
import { keep, readKept } from '../../shared/base/kept'
import { useLead } from '../../shared/store/asked'
import { LevelIcon } from '../../shared/ui/LevelIcon'
import { useOpenSettings } from '../../sheet'
import { CardSummaries, Cards } from '../cards/Cards'
import { useHasCard } from '../cards/useCards'
import { useBench } from '../state/context'
import { useFindings } from '../state/findings'
import { Marks } from './Marks'
import { Shelf } from './Shelf'

type Tab = 'marks' | 'cards' | 'shelf'

const isTab = (value: unknown): value is Tab => value === 'marks' || value === 'cards' || value === 'shelf'

const KEPT = 'blenner.margin-tab'

/** The tab somebody looked at last stays, in this browser. Cards take the place of the settings of a picked block. */
function useTab(): [Tab, (tab: Tab) => void] {
  const { sheet } = useBench()
  const [tab, setTab] = useState<Tab>(() => {
    const kept = readKept<unknown>(KEPT, '')
    return isTab(kept) ? kept : 'marks'
  })
  return [
    tab,
    (next) => {
      if (next !== 'marks') sheet.closeSettings()
      keep(KEPT, next)
      setTab(next)
    },
  ]
}

/** The strip right of the sheet: marks beside the lines they concern, the settings of a picked block, and cards. */
export function Margin({ narrow = false }: { narrow?: boolean }) {
  const { marksOpen, sheet } = useBench()
  const lead = useLead()
  const hasCard = useHasCard()
  const [tab, setTab] = useTab()
  const [peeking, setPeeking] = useState(false)
  useEffect(() => {
    if (lead !== 'shelf' && !hasCard(lead)) return
    setTab(lead === 'shelf' ? 'shelf' : 'cards')
    setPeeking(true)
  }, [lead])
  useEffect(() => {
    if (!marksOpen) return
    setTab('marks')
    setPeeking(true)
  }, [marksOpen])

  if (!narrow) {
    return (
      // biome-ignore lint/a11y/useKeyWithClickEvents: Escape does the same by the keyboard
      <aside
        aria-label="Margin"
        data-region
        data-keeps-settings
        // Only when the press is over: a mark must not move away from under it.
        onClick={(e) => {
          if (!(e.target as Element).closest('button, a, label, [data-settings]')) sheet.closeSettings()
        }}
        className="w-79 shrink-0 border-line border-l max-lg:w-64"
      >
        <Both tab={tab} setTab={setTab} />
      </aside>
    )
  }
  return (
    <>
      {peeking && (
        <aside
          aria-label="Margin"
          data-region
          className="absolute inset-y-0 right-11 z-30 w-79 max-w-[calc(100%-2.75rem)] border-edge border-l bg-paper"
          onKeyDown={(e) => e.key === 'Escape' && !e.defaultPrevented && setPeeking(false)}
        >
          <Both tab={tab} setTab={setTab} onClose={() => setPeeking(false)} />
        </aside>
      )}
      <Rail open={peeking} toggle={() => setPeeking(!peeking)} />
    </>
  )
}

interface BothProps {
  tab: Tab
  setTab: (tab: Tab) => void
  onClose?: () => void
}

function Both({ tab, setTab, onClose }: BothProps) {
  const [card, setCard] = useState('')
  const settings = useOpenSettings()
  const trigger =
    'h-full border-b-3 border-transparent pt-0.5 text-soft data-[state=active]:border-ink data-[state=active]:font-semibold data-[state=active]:text-ink'
  return (
    // The settings of a picked block stand level with it, among the marks, whichever tab one looked at.
    <Tabs.Root
      value={settings && !onClose ? 'marks' : tab}
      onValueChange={(next) => isTab(next) && setTab(next)}
      className="flex h-full flex-col"
    >
      <div className="flex h-11 shrink-0 items-center border-line border-b pr-2">
        <Tabs.List aria-label="Margin" className="flex h-full flex-1 gap-5 px-4">
          <Tabs.Trigger value="marks" className={trigger}>
            Marks
          </Tabs.Trigger>
          <Tabs.Trigger value="cards" className={trigger}>
            Cards
          </Tabs.Trigger>
          <Tabs.Trigger value="shelf" className={trigger}>
            Shelf
          </Tabs.Trigger>
        </Tabs.List>
        {onClose && (
          <button type="button" aria-label="Fold the margin" onClick={onClose} className="rounded-3 px-2 text-soft">
            ×
          </button>
        )}
      </div>
      <Tabs.Content value="marks" tabIndex={-1} className="flex min-h-0 flex-1 flex-col">
        <Marks withSettings={!onClose} />
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
      <Tabs.Content value="shelf" tabIndex={-1} className="min-h-0 flex-1 overflow-auto">
        <Shelf />
      </Tabs.Content>
    </Tabs.Root>
  )
}

/** The margin folded to the shapes of its marks; each leads to its place. */
function Rail({ open, toggle }: { open: boolean; toggle: () => void }) {
  const { goTo } = useBench()
  const { open: findings } = useFindings()
  return (
    <aside
      aria-label="Marks"
      data-region
      className="flex w-11 shrink-0 flex-col items-center gap-1 overflow-auto border-line border-l py-2"
    >
      <button
        type="button"
        aria-label="Marks and cards"
        aria-expanded={open}
        title="Marks and cards"
        onClick={toggle}
        className="grid size-7 place-items-center rounded-3 text-soft hover:bg-desk hover:text-ink"
      >
        {open ? '»' : '«'}
      </button>
      {findings.map((f) => (
        <button
          key={f.id}
          type="button"
          title={f.message}
          aria-label={f.message}
          onClick={() => goTo(f)}
          className="grid size-7 place-items-center rounded-3 hover:bg-desk"
        >
          <LevelIcon level={f.level} silent />
        </button>
      ))}
      {!findings.length && <LevelIcon level="PASSED" />}
    </aside>
  )
}
