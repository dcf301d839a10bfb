import { useQuery, useQueryClient } from '@tanstack/react-query'
import { api } from './client'
import type { Asset, Session, Site } from './types'

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
