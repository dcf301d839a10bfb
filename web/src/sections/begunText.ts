import { answer, client } from '../shared/api/client'

/** Stands for a text that is begun once the section is kept; the key of no item. */
export const BEGIN = '+'

/** The text a page is to have. */
interface Wanted {
  title: string
  /** The section the text is of, or empty. */
  section: string
}

/** What the text of a page begins with: what to write, which no reader ever sees, and the latest items. */
function bodyFor(section: string): string {
  const list = `<div class="item-list" data-section="${section}" data-count="5"></div>`
  return `<p class="prompt">Say in a few sentences what readers find here.</p>${list}`
}

/** Begins the text of a page at once; its key. */
export async function beginText({ title, section }: Wanted): Promise<string> {
  const body = { kind: 'page', title, body: bodyFor(section) }
  return (await answer(client.POST('/editor/api/items', { body }))).state.key
}

/**
 * Begins the text of a page together with something that can be refused: then nothing of it is left behind.
 *
 * @param keep keeps the key of the text where it belongs
 */
export async function beginTextWith<T>(
  wanted: Wanted,
  keep: (key: string) => Promise<T>,
): Promise<{ key: string; kept: T }> {
  const empty = { kind: 'page', title: '', body: '' }
  const { state, content } = await answer(client.POST('/editor/api/items', { body: empty }))
  const params = { path: { key: state.key } }
  let kept: T
  try {
    kept = await keep(state.key)
  } catch (error) {
    // The server takes away what is empty.
    await answer(client.POST('/editor/api/items/{key}/leaving', { params })).catch(() => {})
    throw error
  }
  const filled = {
    ...content,
    slug: undefined,
    section: wanted.section,
    title: wanted.title,
    body: bodyFor(wanted.section),
  }
  await answer(client.PUT('/editor/api/items/{key}', { params, body: { revision: state.revision, content: filled } }))
  return { key: state.key, kept }
}
