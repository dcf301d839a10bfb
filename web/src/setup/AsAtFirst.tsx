import { useQuery } from '@tanstack/react-query'
import { answer, client } from '../shared/api/client'
import { TextButton } from '../shared/ui/Button'

/** What a new site begins with. */
export function useDefaults() {
  return useQuery({
    queryKey: ['site-defaults'],
    queryFn: () => answer(client.GET('/editor/api/site/defaults')),
    staleTime: Number.POSITIVE_INFINITY,
  }).data
}

interface Props<T> {
  /** What is set, for whoever hears the button alone. */
  of: string
  now: T
  /** What a new site begins with; undefined while that is not known. */
  first: T | undefined
  /** That in words. */
  told: string
  /** Puts it into the form. It holds once the form is sent. */
  set: (value: T) => void
}

/** The way back of one setting to what it was at first; nothing where it stands so. */
export function AsAtFirst<T>({ of, now, first, told, set }: Props<T>) {
  if (first === undefined || JSON.stringify(now) === JSON.stringify(first)) return null
  return (
    <span>
      At first it was {told}.{' '}
      <TextButton aria-label={`As at first: ${of}`} onClick={() => set(first)}>
        As at first
      </TextButton>
    </span>
  )
}
