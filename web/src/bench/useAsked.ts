import { type RefObject, useEffect, useRef } from 'react'
import { useBench } from './context'

/** The last lead that was followed; a field that appears later must not follow it again. */
let followed = ''

/** Focuses the element when somebody is led to this field. */
export function useAsked<E extends HTMLElement>(field: string): RefObject<E | null> {
  const { asked } = useBench()
  const ref = useRef<E>(null)
  useEffect(() => {
    if (asked.startsWith(`${field}:`) && asked !== followed && ref.current) {
      followed = asked
      ref.current.focus()
      ref.current.scrollIntoView({ block: 'nearest' })
    }
  }, [asked, field])
  return ref
}
