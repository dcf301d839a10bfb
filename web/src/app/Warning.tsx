import { useQuery } from '@tanstack/react-query'
import { answer, client } from '../shared/api/client'

const EVERY_MINUTE = 60_000

/** What the people who look after the site should know before nothing can be saved any more. */
export function Warning() {
  const warning = useQuery({
    queryKey: ['warning'],
    queryFn: () => answer(client.GET('/editor/api/warning')),
    refetchInterval: EVERY_MINUTE,
  })
  if (!warning.data?.sentence) return null
  return (
    <p role="status" className="border-line border-b bg-straw px-5 py-1.5 max-lg:px-3">
      {warning.data.sentence}
    </p>
  )
}
