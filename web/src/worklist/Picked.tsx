import { useQuery } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { answer, client } from '../shared/api/client'
import { useAsset } from '../shared/api/queries'
import type { Row } from '../shared/api/types'
import { Button } from '../shared/ui/Button'
import { LevelIcon } from '../shared/ui/LevelIcon'
import { WhereItAppears } from '../shared/ui/WhereItAppears'

/** The picked item: its teaser as readers see it, where it appears, what it waits for. */
export function Picked({ row }: { row: Row }) {
  const navigate = useNavigate()
  const item = useQuery({
    queryKey: ['item', row.key, row.changedAt],
    queryFn: () => answer(client.GET('/editor/api/items/{key}', { params: { path: { key: row.key } } })),
    refetchOnMount: 'always',
  })
  const picture = useAsset(item.data?.content.leadPicture ?? '')
  if (!item.data)
    return <aside aria-label="The picked item" className="w-80 shrink-0 border-line border-l max-lg:hidden" />
  const { state, content } = item.data
  const open = state.findings.filter((f) => !f.dismissed)
  return (
    <aside
      aria-label="The picked item"
      className="flex w-80 shrink-0 flex-col gap-5 overflow-auto border-line border-l p-5 max-lg:hidden"
    >
      <div className="border border-line bg-sheet">
        {picture && <img src={picture.tile} alt="" className="aspect-video w-full object-cover" />}
        <div className="p-3.5 font-serif">
          <h2 className="font-semibold text-[1.125rem] leading-snug">{content.title || 'Untitled'}</h2>
          <p className="mt-1 text-[0.9375rem] text-soft leading-snug">{content.summary || 'No summary yet.'}</p>
        </div>
      </div>
      <WhereItAppears state={state} />
      <section className="grid gap-1">
        <h3 className="font-semibold">What it waits for</h3>
        <p>{state.standing.turn}</p>
        {open.length === 0 && <p className="text-soft">{row.next.sentence}.</p>}
        {open.map((f) => (
          <p key={f.id} className="flex items-start gap-2">
            <span className="pt-0.5">
              <LevelIcon level={f.level} />
            </span>
            {f.message}
          </p>
        ))}
      </section>
      <div className="flex gap-2">
        <Button look="main" onClick={() => navigate(`/items/${row.key}`)}>
          Open
        </Button>
        <Button onClick={() => navigate(`/items/${row.key}?view=proof`)}>Proof</Button>
      </div>
    </aside>
  )
}
