import type { ContentInput, ItemContent, ItemState, ItemView } from '../../shared/api/types'

/** What is written apart from the text itself, which the sheet holds. */
export type Fields = Omit<ContentInput, 'body'>

/** The fields of an item as they are sent back. */
export function fieldsOf(item: ItemView): Fields {
  const { body: _, slug, ...fields } = item.content
  return { ...fields, slug: item.state.placement.slugByHand ? slug : undefined }
}

/** Whether two contents say the same, whatever their address. White space counts as HTML counts it. */
export function sayTheSame(a: ContentInput | ItemContent, b: ContentInput | ItemContent): boolean {
  return parts(a, '') === parts(b, '')
}

/** Whether the server already has a content, address and all. */
export function isKept(content: ContentInput, item: ItemView): boolean {
  const { slug } = item.state.placement
  return parts(content, slug) === parts(item.content, slug)
}

function parts(c: ContentInput | ItemContent, slug: string): string {
  const body = c.body.replace(/[ \t\r\n\f]+/g, ' ')
  return JSON.stringify([
    c.title.trim(),
    c.summary.trim(),
    body,
    c.section,
    c.topics,
    c.keywords,
    slug && (c.slug ?? slug),
    c.leadPicture,
    c.language,
    // What was noted by an older page may lack them.
    c.attachments ?? [],
    Object.entries(c.values ?? {}).sort(([a], [b]) => (a < b ? -1 : 1)),
  ])
}

/** Whether nothing at all is written: no title, no text, no field. */
export function isBlank(c: ContentInput): boolean {
  return !(
    c.title.trim() ||
    c.summary.trim() ||
    c.body.trim() ||
    c.section ||
    c.topics.length ||
    c.keywords.length ||
    c.leadPicture ||
    c.language ||
    c.attachments?.length ||
    Object.keys(c.values ?? {}).length
  )
}

/** The new state with every part of the old one that says the same, so that nobody draws it again. */
export function sharing(was: ItemState, next: ItemState): ItemState {
  const out = { ...next }
  for (const key of Object.keys(next) as (keyof ItemState)[]) {
    if (JSON.stringify(was[key]) === JSON.stringify(next[key])) Object.assign(out, { [key]: was[key] })
  }
  return out
}
