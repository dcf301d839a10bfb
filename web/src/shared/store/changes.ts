import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'

const OFTEN = 700

/** What open screens show of the site's set-up. */
const shown = ['site', 'kinds', 'toolsets', 'outlines', 'reference-links', 'writing', 'merge-fields']

/**
 * Fetches what is shown of the site's set-up again as soon as somebody has changed it, and says which revision the open item
 * has by now. The server is asked for two numbers only, and only while somebody looks at the page.
 *
 * @param item the key of the open item
 * @param changed the set-up was changed
 * @param revised the item was changed lately, and has this revision; called every time one looks
 */
export function useChanges(item: string, changed: () => void, revised: (revision: number) => void) {
  const queries = useQueryClient()
  useEffect(() => {
    let known = ''
    let timer = 0
    let over = false
    async function look() {
      if (document.visibilityState === 'visible') {
        const said = await fetch(`/editor/changes?item=${encodeURIComponent(item)}`).then(
          (r) => (r.ok ? r.text() : ''),
          () => '',
        )
        const [now, revision] = said.split(' ')
        if (now && known && now !== known) {
          for (const key of shown) queries.invalidateQueries({ queryKey: [key] })
          changed()
        }
        known = now || known
        if (!over && Number(revision) >= 0) revised(Number(revision))
      }
      if (!over) timer = window.setTimeout(look, OFTEN)
    }
    look()
    return () => {
      over = true
      clearTimeout(timer)
    }
  }, [queries, item, changed, revised])
}
