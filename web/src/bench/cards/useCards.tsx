import type { ReactNode } from 'react'
import { useKind } from '../../shared/api/kinds'
import { useSite } from '../../shared/api/queries'
import type { ItemKind } from '../../shared/api/types'
import { languageName } from '../../shared/ui/languages'
import { leadTo } from '../own/OneField'
import { OwnCard } from '../own/OwnCard'
import { rows, text, texts, type Value } from '../own/props'
import { useSaved } from '../state/context'
import { AttachmentsCard } from './AttachmentsCard'
import { inOrder, useArrangement } from './arrangement'
import { LanguageCard } from './LanguageCard'
import { PeopleCard } from './PeopleCard'
import { PlacementCard } from './PlacementCard'
import { RelatedCard } from './RelatedCard'
import { SearchCard } from './SearchCard'
import { Standard } from './Standard'
import { SummaryCard } from './SummaryCard'
import { TeaserCard } from './TeaserCard'

/** A card as the bench has it. */
interface CardKnown {
  /** By which it is kept in somebody's arrangement. */
  id: string
  name: string
  /** What it says of itself while it is folded. */
  told: string
  /** The fields that somebody may be led to in it. */
  leads: string[]
  content: ReactNode
}

export interface CardShown extends CardKnown {
  shown: boolean
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

const counted = (n: number, none = 'none') => (n ? String(n) : none)

/** The standard cards in the order everybody begins with. */
function useStandardCards(): CardKnown[] {
  const site = useSite()
  const fields = useSaved((now) => now.fields)
  const { measures, faces, labels, language } = useSaved((now) => now.state)
  const values = (fields.values ?? {}) as Record<string, Value>
  const at = (name: string) => values[name]
  const section = site.data?.sections.find((s) => s.slug === fields.section)?.name ?? 'no section'
  const keywords = fields.keywords.length
  const others = texts(at('languages.items')).length
  const ownTeaser = [
    at('teaser.picture') && 'picture',
    at('teaser.title') && 'title',
    at('teaser.text') && 'text',
  ].filter(Boolean)
  const dates = [
    at('dates.shown') && `shows ${text(at('dates.shown'))}`,
    at('dates.review') && `look again ${text(at('dates.review'))}`,
  ].filter(Boolean)
  return [
    {
      id: 'summary',
      name: 'Summary',
      told: `${measures.summaryLength} of ${measures.summaryLimit} characters`,
      leads: ['summary'],
      content: <SummaryCard />,
    },
    {
      id: 'teaser',
      name: 'Teaser',
      told: ownTeaser.length
        ? `own ${ownTeaser.join(', ')}`
        : `${fields.leadPicture ? 'lead picture' : 'no picture'}, title, summary`,
      leads: ['leadPicture', ...['lead.place', 'teaser.picture', 'teaser.title', 'teaser.text'].map(leadTo)],
      content: <TeaserCard />,
    },
    {
      id: 'search',
      name: 'Search',
      told:
        text(at('search.hidden')) === 'true'
          ? 'kept out of search engines'
          : `${faces.searchTitle.from ? 'as the title' : 'own title'}, ${faces.searchTitleWidth} pixels`,
      leads: ['search.title', 'search.description', 'search.canonical', 'search.hidden'].map(leadTo),
      content: <SearchCard />,
    },
    {
      id: 'placement',
      name: 'Placement',
      told: keywords ? `${section}, ${keywords === 1 ? 'one keyword' : `${keywords} keywords`}` : section,
      leads: ['section', 'topics', 'keywords', 'slug'],
      content: <PlacementCard />,
    },
    {
      id: 'people',
      name: 'People',
      told: text(at('people.byline')) || texts(at('people.authors')).join(', ') || labels.author,
      leads: ['people.authors', 'people.byline'].map(leadTo),
      content: <PeopleCard />,
    },
    {
      id: 'dates',
      name: 'Dates',
      told: dates.join(', ') || 'as it goes live',
      leads: ['dates.shown', 'dates.review'].map(leadTo),
      content: (
        <>
          <Standard name="dates.shown" />
          <Standard name="dates.review" />
        </>
      ),
    },
    {
      id: 'language',
      name: 'Language',
      told: languageName(language.language) + (others ? `, and ${others} more` : ''),
      leads: ['language', leadTo('languages.items')],
      content: <LanguageCard />,
    },
    {
      id: 'attachments',
      name: 'Attachments',
      told: counted(fields.attachments?.length ?? 0),
      leads: [],
      content: <AttachmentsCard />,
    },
    {
      id: 'side',
      name: 'Side column',
      told: counted(rows(at('side.parts')).length, 'none'),
      leads: [leadTo('side.parts')],
      content: <Standard name="side.parts" />,
    },
    {
      id: 'related',
      name: 'Related',
      told: counted(texts(at('related.items')).length),
      leads: [leadTo('related.items')],
      content: <RelatedCard />,
    },
  ]
}

/** All cards of the item in this person's order, also those they have hidden. */
export function useCards(): CardShown[] {
  const values = useSaved((now) => now.fields.values)
  const own: CardKnown[] = useOwnCards().map((card) => ({
    id: `own:${card.label}`,
    name: card.label,
    told: filled(card, values),
    leads: card.fields.map((f) => leadTo(f.name)),
    content: <OwnCard card={card} />,
  }))
  const all = [...own, ...useStandardCards()]
  const { arrangement } = useArrangement()
  return inOrder(
    all.map((c) => c.id),
    arrangement.order,
  ).flatMap((id) => all.filter((c) => c.id === id).map((c) => ({ ...c, shown: !arrangement.hidden.includes(c.id) })))
}

/** Whether a card holds a field that somebody is led to. */
export function useHasCard(): (field: string) => boolean {
  const cards = useCards()
  return (field) => cards.some((c) => c.leads.includes(field))
}
