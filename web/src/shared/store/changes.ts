import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'

const OFTEN = 700

/** What open screens show of the site's set-up. */
const shown = ['site', 'kinds', 'toolsets', 'outlines', 'reference-links', 'writing', 'merge-fields']

/**
 * Fetches what is shown of the site's set-up again as soon as somebody has changed it. The server is asked for a number only,
 * and only while somebody looks at the page.
 */
export function useChanges(changed: () => void) {
  const queries = useQueryClient()
  useEffect(() => {
    let known = ''
    let timer = 0
    let over = false
    async function look() {
      if (document.visibilityState === 'visible') {
        const now = await fetch('/editor/changes').then(
          (r) => (r.ok ? r.text() : known),
          () => known,
        )
        if (known && now !== known) {
          for (const key of shown) queries.invalidateQueries({ queryKey: [key] })
          changed()
        }
        known = now
      }
      if (!over) timer = window.setTimeout(look, OFTEN)
    }
    look()
    return () => {
      over = true
      clearTimeout(timer)
    }
  }, [queries, changed])
}
