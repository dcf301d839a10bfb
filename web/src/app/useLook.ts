import { useEffect } from 'react'
import { useOwn } from '../shared/store/own'

/** Dresses the whole window as its person wants it: light or dark, how large the text of the sheet is, without motion. */
export function useLook() {
  const look = useOwn<string>('look', 'light')
  const size = useOwn<unknown>('sheet-size', 1)
  const still = useOwn<boolean>('still', false)
  useEffect(() => {
    const root = document.documentElement
    const system = matchMedia('(prefers-color-scheme: dark)')
    const dress = () => {
      root.dataset.look = look === 'dark' || (look === 'system' && system.matches) ? 'dark' : 'light'
    }
    dress()
    root.style.setProperty('--sheet-size', String(Number(size) || 1))
    root.toggleAttribute('data-still', still === true)
    system.addEventListener('change', dress)
    return () => system.removeEventListener('change', dress)
  }, [look, size, still])
}
