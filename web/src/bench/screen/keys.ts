import { useEffect } from 'react'

/** Ctrl+S sends at once, for people whose fingers do it anyway. */
export function useSaveKey(save: () => void) {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if ((e.ctrlKey || e.metaKey) && !e.altKey && !e.shiftKey && e.key === 's') {
        e.preventDefault()
        save()
      }
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  })
}

/** F6 goes from part to part of the bench, Shift+F6 back. */
export function useRegionKeys() {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.key !== 'F6' || document.querySelector('[role="dialog"]')) return
      e.preventDefault()
      const regions = [...document.querySelectorAll<HTMLElement>('[data-region]')]
      const here = regions.findIndex((r) => r.contains(document.activeElement))
      const step = e.shiftKey ? -1 : 1
      const next = regions[(here + step + regions.length) % regions.length]
      const inside = next?.querySelector<HTMLElement>('[contenteditable="true"], [tabindex="0"], input, select, button')
      const target = next?.matches('input, button') ? next : inside
      target?.focus()
    }
    document.addEventListener('keydown', onKey)
    return () => document.removeEventListener('keydown', onKey)
  }, [])
}

/** In quiet mode the tools come back when the pointer moves or Alt is pressed, and go when one types. */
export function useQuietKeys(quiet: boolean, leave: () => void) {
  useEffect(() => {
    if (!quiet) return
    const root = document.documentElement
    root.classList.add('quiet')
    let timer: ReturnType<typeof setTimeout> | undefined
    const show = (on: boolean) => {
      clearTimeout(timer)
      root.classList.toggle('quiet-tools', on)
      if (on) timer = setTimeout(() => root.classList.remove('quiet-tools'), 4000)
    }
    const onMove = (e: MouseEvent) => {
      if (Math.abs(e.movementX) + Math.abs(e.movementY) > 2) show(true)
    }
    const onKey = (e: KeyboardEvent) => {
      if (e.key === 'Alt') {
        e.preventDefault()
        show(true)
      } else if (e.key === 'Escape' && !document.querySelector('[role="dialog"], [role="menu"]')) leave()
      else if (e.key.length === 1 && !e.ctrlKey && !e.metaKey) show(false)
    }
    document.addEventListener('mousemove', onMove)
    document.addEventListener('keydown', onKey)
    return () => {
      clearTimeout(timer)
      root.classList.remove('quiet', 'quiet-tools')
      document.removeEventListener('mousemove', onMove)
      document.removeEventListener('keydown', onKey)
    }
  })
}
