import { useQuery } from '@tanstack/react-query'
import { answer, client } from '../shared/api/client'
import { useOwnTrouble } from '../shared/store/own'

const EVERY_MINUTE = 60_000

/** What the people who look after the site should know before nothing can be saved any more, and what of one’s own settings is not kept. */
export function Warning() {
  const warning = useQuery({
    queryKey: ['warning'],
    queryFn: () => answer(client.GET('/editor/api/warning')),
    refetchInterval: EVERY_MINUTE,
  })
  const trouble = useOwnTrouble()
  const said = warning.data?.sentence || trouble
  if (!said) return null
  return (
    <p role="status" className="border-line border-b bg-straw px-5 py-1.5 max-lg:px-3">
      {said}
    </p>
  )
}
