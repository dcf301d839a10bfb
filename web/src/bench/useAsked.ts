import { type RefObject, useEffect, useRef } from 'react'
import { useBench } from './context'

/** Focuses the element when somebody is led to this field. */
export function useAsked<E extends HTMLElement>(field: string): RefObject<E | null> {
  const { asked } = useBench()
  const ref = useRef<E>(null)
  useEffect(() => {
    if (asked.startsWith(`${field}:`)) {
      ref.current?.focus()
      ref.current?.scrollIntoView({ block: 'nearest' })
    }
  }, [asked, field])
  return ref
}
