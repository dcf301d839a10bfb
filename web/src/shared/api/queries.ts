import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, client } from './client'
import type { paths } from './schema'
import type { Session } from './types'

/**
 * Who is signed in. Not asked again by each part of the screen that wants to know: whoever was signed out while they write
 * must not lose the bench by opening a list.
 */
export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: () => answer(client.GET('/editor/api/session')),
    refetchOnMount: false,
  })
}

/** Whether the person who is signed in has a right; the server decides, and this only spares them what it would refuse. */
export function useRight(right: Session['rights'][number]) {
  return useSession().data?.rights.includes(right) ?? false
}

/** The site and its sections. */
export function useSite() {
  return useQuery({ queryKey: ['site'], queryFn: () => answer(client.GET('/editor/api/site')) })
}

/** The rules there are, and how the site has set them. */
export function useRules(enabled = true) {
  return useQuery({ queryKey: ['rules'], queryFn: () => answer(client.GET('/editor/api/rules')), enabled })
}

/** What a rule looks for, by its id. */
export function useRuleLabel(enabled = true): (id: string) => string {
  const rules = useRules(enabled).data?.groups.flatMap((g) => g.rules) ?? []
  return (id) => rules.find((r) => r.id === id)?.label ?? id
}

/** What assets can be looked for by. */
export type AssetQuery = NonNullable<paths['/editor/api/assets/found']['get']['parameters']['query']>

/** A page of assets, where they are wanted. */
export function useFoundAssets(query: AssetQuery, enabled = true) {
  return useQuery({
    queryKey: ['assets', 'found', query],
    queryFn: () => answer(client.GET('/editor/api/assets/found', { params: { query } })),
    enabled,
    placeholderData: keepPreviousData,
  })
}

/** The assets of these names, those that are there. */
export function useAssetsNamed(names: string[]) {
  return useQuery({
    queryKey: ['assets', 'named', names],
    queryFn: () => answer(client.GET('/editor/api/assets', { params: { query: { name: names } } })),
    enabled: names.length > 0,
  })
}

/** The asset of a name; nothing while it is fetched, where there is none, and for no name. */
export function useAsset(name: string) {
  return useAssetsNamed(name ? [name] : []).data?.[0]
}

/** How much of files is kept, and may be. */
export function useStorage() {
  return useQuery({ queryKey: ['storage'], queryFn: () => answer(client.GET('/editor/api/storage')) })
}

/** Lets everything that was fetched be fetched again. */
export function useRefresh() {
  const client = useQueryClient()
  return () => client.invalidateQueries()
}

/** What the site gives a writer: language, named styles, colours, hosts. */
export function useWriting() {
  return useQuery({
    queryKey: ['writing'],
    queryFn: () => answer(client.GET('/editor/api/writing')),
    staleTime: 60_000,
  })
}

const outlines = () => answer(client.GET('/editor/api/outlines'))

/** The outlines that items can begin with. */
export function useOutlines() {
  return useQuery({ queryKey: ['outlines'], queryFn: outlines, select: (all) => all.filter((o) => !o.snippet) })
}

/** The snippets that can be dropped into a text of an item of this kind; all of them without one. */
export function useSnippets(kind = '') {
  const role = useSession().data?.person?.role
  return useQuery({
    queryKey: ['outlines'],
    queryFn: outlines,
    // Who sets up sees them all there; to write with, each has those of their role.
    select: (all) =>
      all.filter(
        (o) =>
          o.snippet &&
          (!kind || ((!o.kinds.length || o.kinds.includes(kind)) && (!o.role || !role || o.role === role))),
      ),
  })
}

/** What a text of an item of this kind offers to whoever is signed in. */
export function useOffered(kind: string, field = 'body') {
  return useQuery({
    queryKey: ['toolsets', 'nearest', kind, field],
    queryFn: () => answer(client.GET('/editor/api/toolsets/nearest', { params: { query: { kind, field } } })),
    enabled: !!kind,
  })
}

/** The messages of visitors. */
export function useInbox(enabled = true) {
  return useQuery({ queryKey: ['inbox'], queryFn: () => answer(client.GET('/editor/api/messages')), enabled })
}
