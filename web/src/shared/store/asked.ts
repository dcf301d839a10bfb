import { type RefObject, useEffect, useRef } from 'react'
import { Store, useStore } from '../base/store'

/** A field that somebody was led to. Each lead is an object of its own, so that the same field can be asked for again. */
interface Lead {
  field: string
}

const lead = new Store<Lead | null>(null)

/** Leads to a field: it is shown, and gets the keyboard as soon as it is there. */
export function askFor(field: string) {
  lead.set({ field })
}

/** The field that somebody was led to last and that nobody has answered for yet. */
export function useLead(): string {
  return useStore(lead)?.field ?? ''
}

/** Focuses the element, or the first field in it, when somebody is led to this field. */
export function useAsked<E extends HTMLElement>(field: string): RefObject<E | null> {
  const now = useStore(lead)
  const ref = useRef<E>(null)
  useEffect(() => {
    if (now?.field !== field || !ref.current) return
    const inside = ref.current.querySelector<HTMLElement>('input, select, textarea, button')
    ;(ref.current.matches('input, select, textarea, button') ? ref.current : inside)?.focus()
    ref.current.scrollIntoView({ block: 'nearest' })
    // A field that appears later must not follow an old lead.
    lead.set(null)
  }, [now, field])
  return ref
}
