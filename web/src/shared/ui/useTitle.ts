import { useEffect } from 'react'

/** Names the browser's tab after the place. */
export function useTitle(name: string) {
  useEffect(() => {
    document.title = `${name} · Blenner`
  }, [name])
}
