import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import type { Added, Asset } from '../api/types'
import { bringIn } from '../store/coming'

/**
 * Brings files in from some place of the screen.
 *
 * @param arrived is told of each that became an asset, once the lists of assets hold it
 * @param whole whether where and with what pictures were taken stays in them
 */
export function useBringIn(arrived?: (asset: Asset) => void, whole = false): (files: File[]) => void {
  const cache = useQueryClient()
  const tell = useRef(arrived)
  tell.current = arrived
  return (files) =>
    bringIn(
      files,
      async ({ asset }: Added) => {
        await cache.invalidateQueries({ queryKey: ['assets'] })
        tell.current?.(asset)
      },
      whole,
    )
}

/** Takes files that are pasted, also into a field where they come without words; the text keeps what is pasted into it. */
export function usePastedFiles(take: (files: File[]) => void) {
  const now = useRef(take)
  now.current = take
  useEffect(() => {
    const paste = (e: ClipboardEvent) => {
      const files = [...(e.clipboardData?.files ?? [])]
      const at = e.target as Element | null
      const words = at?.closest?.('input, textarea') && e.clipboardData?.types.includes('text/plain')
      if (!files.length || words || at?.closest?.('[contenteditable="true"]')) return
      e.preventDefault()
      now.current(files)
    }
    document.addEventListener('paste', paste)
    return () => document.removeEventListener('paste', paste)
  }, [])
}
