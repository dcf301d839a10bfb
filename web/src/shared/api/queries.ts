import { useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, client } from './client'

/** Who is signed in. */
export function useSession() {
  return useQuery({ queryKey: ['session'], queryFn: () => answer(client.GET('/editor/api/session')) })
}

/** The site and its sections. */
export function useSite() {
  return useQuery({ queryKey: ['site'], queryFn: () => answer(client.GET('/editor/api/site')) })
}

/** All assets. */
export function useAssets() {
  return useQuery({ queryKey: ['assets'], queryFn: () => answer(client.GET('/editor/api/assets')) })
}

/** Lets everything that was fetched be fetched anew. */
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

/** The outlines that items can begin with. */
export function useOutlines() {
  return useQuery({ queryKey: ['outlines'], queryFn: () => answer(client.GET('/editor/api/outlines')) })
}

/** The messages of visitors. */
export function useInbox() {
  return useQuery({ queryKey: ['inbox'], queryFn: () => answer(client.GET('/editor/api/messages')) })
}
