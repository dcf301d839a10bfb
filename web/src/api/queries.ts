import { useQuery, useQueryClient } from '@tanstack/react-query'
import { api } from './client'
import type { Asset, Inbox, Outline, Session, Site, Writing } from './types'

/** Who is signed in. */
export function useSession() {
  return useQuery({ queryKey: ['session'], queryFn: () => api.get<Session>('/session') })
}

/** The site and its sections. */
export function useSite() {
  return useQuery({ queryKey: ['site'], queryFn: () => api.get<Site>('/site') })
}

/** All assets. */
export function useAssets() {
  return useQuery({ queryKey: ['assets'], queryFn: () => api.get<Asset[]>('/assets') })
}

/** Lets everything that was fetched be fetched anew. */
export function useRefresh() {
  const client = useQueryClient()
  return () => client.invalidateQueries()
}

/** What the site gives a writer: language, dress, hosts. */
export function useWriting() {
  return useQuery({ queryKey: ['writing'], queryFn: () => api.get<Writing>('/writing'), staleTime: 60_000 })
}

/** The outlines that items can begin with. */
export function useOutlines() {
  return useQuery({ queryKey: ['outlines'], queryFn: () => api.get<Outline[]>('/outlines') })
}

/** The messages of visitors. */
export function useInbox() {
  return useQuery({ queryKey: ['inbox'], queryFn: () => api.get<Inbox>('/messages') })
}
