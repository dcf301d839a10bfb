import { useQuery } from '@tanstack/react-query'
import type { Node } from 'prosemirror-model'
import { answer, client } from '../../shared/api/client'
import { useFoundAssets } from '../../shared/api/queries'
import type { Choice } from '../../shared/ui/Combobox'
import type { SheetHost } from '../base/host'

/** A place on this page: a heading, or a jump target. `anchor` is empty for a heading without a name. */
export interface Target {
  anchor: string
  words: string
  pos: number
}

/** Every place of a text that a link could lead to. */
export function targetsOf(doc: Node): Target[] {
  const out: Target[] = []
  doc.descendants((node, pos) => {
    if (node.type.name === 'heading' && node.textContent.trim()) {
      out.push({ anchor: node.attrs.anchor, words: node.textContent.trim(), pos })
    }
    if (node.type.name === 'jump_target') out.push({ anchor: node.attrs.anchor, words: node.attrs.anchor, pos })
    return !node.isTextblock
  })
  return out
}

/** Items of the site that a few letters could mean. */
export function useItems(words: string, size = 6) {
  return useQuery({
    queryKey: ['items-for', words, size],
    queryFn: async () => {
      const list = await answer(client.GET('/editor/api/worklist', { params: { query: { size: 4 * size, words } } }))
      // Texts are searched too; who looks for an item by its title wants that one first.
      const named = (title: string) => title.toLowerCase().includes(words.trim().toLowerCase())
      const rows = list.rows.sort((a, b) => Number(named(b.title)) - Number(named(a.title)))
      return { ...list, rows: rows.slice(0, size) }
    },
    enabled: words.trim().length > 1,
    placeholderData: (before) => before,
  })
}

/** Places of this page, items and assets that a few letters could mean. */
export function useLinkChoices(given: string, doc: Node): Choice[] {
  const words = given.trim().replace(/^#/, '').toLowerCase()
  const items = useItems(isAddress(given) ? '' : words)
  const assets = useFoundAssets({ words }, words.length > 1 && !isAddress(given))
  if (isAddress(given) && !given.startsWith('#')) return []
  const fits = (text: string) => text.toLowerCase().includes(words)
  const places = targetsOf(doc)
    .filter((t) => (words || given.startsWith('#')) && (fits(t.words) || fits(t.anchor)))
    .slice(0, 5)
    .map((t) => ({ id: `place:${t.pos}`, label: t.words, about: 'on this page' }))
  if (words.length < 2 || given.startsWith('#')) return places
  // What comes later must not push what somebody is about to pick out of its place.
  if (items.isPending || items.isPlaceholderData) return places
  const rows = items.data?.rows ?? []
  const files = (assets.data?.assets ?? [])
    .map((f) => f.asset)
    .filter((a) => fits(a.title) || fits(a.name))
    .slice(0, 4)
  return [
    ...places,
    ...rows.map((r) => ({ id: `item:${r.key}`, label: r.title || 'Untitled', about: r.kindLabel })),
    ...files.map((a) => ({ id: `asset:${a.name}`, label: a.title, about: 'asset' })),
  ]
}

/** The address of what was chosen; a heading without a name gets one. */
export async function addressOf(choice: Choice, host: Pick<SheetHost, 'nameTarget'>): Promise<string> {
  const [kind, name] = choice.id.split(/:(.*)/s)
  if (kind === 'place') return `#${await host.nameTarget(Number(name))}`
  return kind === 'item' ? `../items/${name}.html` : `../assets/${name}`
}

/** What the core says of an address that somebody typed: its spelling, or what is wrong with it. */
export function judgeAddress(given: string): Promise<{ address: string; problem: string; title: string }> {
  return answer(client.GET('/editor/api/address', { params: { query: { given } } }))
}

/** Whether somebody types an address rather than letters of a name. */
export function looksLikeAddress(given: string): boolean {
  const typed = given.trim()
  return (
    (isAddress(typed) && !typed.startsWith('#')) ||
    /^[a-z][a-z0-9+.-]*:/i.test(typed) ||
    /^\S+\.[^\s.]{2,}([/?#:]\S*)?$/.test(typed) ||
    /^\+?[0-9][0-9 ().-]{4,}$/.test(typed)
  )
}

function isAddress(given: string): boolean {
  return /^(https?:|mailto:|tel:|www\.|\/|#|\.\.\/)/i.test(given.trim()) || /^\S+@\S+\.\S+$/.test(given.trim())
}
