import { Collapsible } from 'radix-ui'
import { type ReactNode, useEffect, useState } from 'react'
import { useKind } from '../../shared/api/kinds'
import { useSite } from '../../shared/api/queries'
import type { ItemKind } from '../../shared/api/types'
import { keep, readKept } from '../../shared/base/kept'
import { useLead } from '../../shared/store/asked'
import { leadTo, OwnCard } from '../own/OwnCard'
import { useSaved } from '../state/context'
import { AttachmentsCard } from './AttachmentsCard'
import { KeywordsCard } from './KeywordsCard'
import { PlacementCard } from './PlacementCard'
import { TeaserCard } from './TeaserCard'

/** Which card holds the field that somebody is led to. */
const leadsTo: Record<string, string> = {
  summary: 'Teaser',
  section: 'Placement',
  slug: 'Placement',
  keywords: 'Keywords',
}

/** The card that holds a field that somebody is led to; undefined for a field that stands elsewhere. */
export function useCardOf(): (field: string) => string | undefined {
  const own = useOwnCards()
  return (field) => leadsTo[field] ?? own.find((card) => card.fields.some((f) => leadTo(f.name) === field))?.label
}

const none: ItemKind['cards'] = []

/** The cards of the item's kind that have something in them. */
function useOwnCards(): ItemKind['cards'] {
  const kind = useKind(useSaved((now) => now.state.kind))
  return kind?.cards.filter((c) => c.fields.length) ?? none
}

/** What a card of the kind says of itself while it is closed. */
function filled(card: ItemKind['cards'][number], values: Record<string, unknown> | undefined): string {
  const count = card.fields.filter((f) => values?.[f.name] !== undefined).length
  return count ? `${count} of ${card.fields.length} filled in` : 'nothing filled in'
}

/** What each card says of itself while it is closed. */
function useTold(): { name: string; told: string }[] {
  const site = useSite()
  const fields = useSaved((now) => now.fields)
  const summaryLength = useSaved((now) => now.state.measures.summaryLength)
  const section = site.data?.sections.find((s) => s.slug === fields.section)?.name ?? 'no section'
  const keywords = fields.keywords.length
  const attached = fields.attachments?.length
  const own = useOwnCards()
  return [
    ...own.map((card) => ({ name: card.label, told: filled(card, fields.values) })),
    { name: 'Teaser', told: `${fields.leadPicture ? 'picture' : 'no picture'}, ${summaryLength} characters` },
    { name: 'Placement', told: section },
    { name: 'Keywords', told: keywords ? `${keywords}` : 'none' },
    { name: 'Attachments', told: attached ? `${attached}` : 'none' },
  ]
}

/** The cards as lines below the marks. */
export function CardSummaries({ open }: { open: (name: string) => void }) {
  return (
    <div className="max-h-[45%] shrink-0 overflow-auto">
      {useTold().map((c) => (
        <button
          key={c.name}
          type="button"
          onClick={() => open(c.name)}
          className="flex h-9 w-full items-center justify-between gap-3 border-line border-t px-4 -outline-offset-2 hover:bg-desk"
        >
          <span className="font-semibold">{c.name}</span>
          <span className="truncate text-soft">{c.told}</span>
        </button>
      ))}
    </div>
  )
}

/** The cards one below the other. */
export function Cards({ opened }: { opened: string }) {
  const told = useTold()
  const own = useOwnCards()
  const cardOf = useCardOf()
  const contents: Record<string, ReactNode> = {
    Teaser: <TeaserCard />,
    Placement: <PlacementCard />,
    Keywords: <KeywordsCard />,
    Attachments: <AttachmentsCard />,
    ...Object.fromEntries(own.map((card) => [card.label, <OwnCard key={card.label} card={card} />])),
  }
  const lead = useLead()
  return (
    <div>
      {told.map((c) => (
        <Card key={c.name} name={c.name} told={c.told} wanted={opened === c.name || cardOf(lead) === c.name}>
          {contents[c.name]}
        </Card>
      ))}
    </div>
  )
}

interface CardProps {
  name: string
  told: string
  wanted: boolean
  children: ReactNode
}

/** One group of settings; folded or not, it stays so for this person. */
function Card({ name, told, wanted, children }: CardProps) {
  const key = `blenner:card:${name}`
  const [open, setOpen] = useState(() => readKept(key, true))
  useEffect(() => {
    if (wanted) setOpen(true)
  }, [wanted])
  return (
    <Collapsible.Root
      open={open}
      onOpenChange={(now) => {
        setOpen(now)
        keep(key, now)
      }}
      className="border-line border-b"
    >
      <h2>
        <Collapsible.Trigger className="flex h-10 w-full items-center justify-between gap-3 px-4 -outline-offset-2 hover:bg-desk">
          <span className="font-semibold">
            <span aria-hidden className="mr-2 inline-block w-2 text-soft">
              {open ? '▾' : '▸'}
            </span>
            {name}
          </span>
          {!open && <span className="truncate text-soft">{told}</span>}
        </Collapsible.Trigger>
      </h2>
      <Collapsible.Content className="grid gap-4 px-4 pt-1 pb-5">{children}</Collapsible.Content>
    </Collapsible.Root>
  )
}
