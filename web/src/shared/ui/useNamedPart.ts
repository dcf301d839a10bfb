import { useEffect, useRef } from 'react'
import { useLocation } from 'react-router'

/**
 * Leads to the part of a page that its address names after the number sign, and keeps it in sight while what is above it is
 * still being fetched and grows, until somebody scrolls, types or presses.
 *
 * @returns what holds the parts
 */
export function useNamedPart() {
  const { hash } = useLocation()
  const parts = useRef<HTMLDivElement>(null)
  useEffect(() => {
    const part = hash && parts.current?.querySelector(`#${CSS.escape(decodeURIComponent(hash.slice(1)))}`)
    if (!part || !parts.current) return
    const lead = () => part.scrollIntoView({ block: 'start' })
    const watch = new ResizeObserver(lead)
    watch.observe(parts.current)
    const own = ['wheel', 'pointerdown', 'keydown', 'touchstart'] as const
    const end = () => {
      watch.disconnect()
      for (const kind of own) removeEventListener(kind, end)
    }
    for (const kind of own) addEventListener(kind, end, { passive: true })
    return end
  }, [hash])
  return parts
}
