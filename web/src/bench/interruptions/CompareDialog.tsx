import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useEffect, useState } from 'react'
import { Link } from 'react-router'
import { answer, client, Problem } from '../../shared/api/client'
import { Button, TextButton } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { Dialog, DialogButtons } from '../../shared/ui/Dialog'
import { asShown } from '../../sheet'
import { useBench } from '../state/context'
import type { Conflict } from '../state/saver'

interface Props {
  conflict: Conflict
  onTold: (told: ReactNode) => void
  onClose: () => void
}

type Side = 'mine' | 'theirs'

/** Two texts of one item, to be chosen between: as a whole, or at each place where they differ. */
export default function CompareDialog({ conflict, onTold, onClose }: Props) {
  const { saver, sheet } = useBench()
  const [mine] = useState(() => saver.content())
  const [chosen, setChosen] = useState<ReadonlyMap<number, Side>>(new Map())
  // Chosen for all, it also holds for what is still being compared.
  const [all, setAll] = useState<Side | null>(null)
  const [problem, setProblem] = useState('')
  const key = saver.key
  const found = useQuery({
    queryKey: ['comparison', key, conflict.theirRevision],
    queryFn: () => answer(client.POST('/editor/api/items/{key}/comparison', { params: { path: { key } }, body: mine })),
    gcTime: 0,
  })
  const lost = found.error
  useEffect(() => {
    // Whoever is signed out has to sign in before the other text can be shown; the strip says so.
    if (lost instanceof Problem && lost.status === 401) saver.failed(lost).then(onClose)
  }, [lost, saver, onClose])
  const numbers = [
    ...(found.data?.fields ?? []).map((f) => f.number),
    ...(found.data?.stretches ?? []).flatMap((s) => (s.number >= 0 ? s.number : [])),
  ]
  const sideOf = (number: number) => chosen.get(number) ?? all ?? undefined
  const open = numbers.filter((n) => !sideOf(n)).length
  const theirName = conflict.own ? 'The other window’s' : `${conflict.changedBy}’s`

  const choose = (number: number, side: Side) => setChosen(new Map(chosen).set(number, side))
  const chooseAll = (side: Side | null) => {
    setChosen(new Map())
    setAll(side)
  }

  async function take() {
    setProblem('')
    try {
      const mineAt = numbers.filter((n) => sideOf(n) === 'mine')
      const item = await saver.alone(() =>
        answer(
          client.POST('/editor/api/items/{key}/resolution', {
            params: { path: { key } },
            body: { theirRevision: conflict.theirRevision, mine, mineAt },
          }),
        ),
      )
      sheet.replace(item.content.body)
      saver.adopt(item)
      onTold(
        <>
          Done. What you did not choose is kept as{' '}
          <Link to={`/items/${item.copyKey}`} className="underline">
            a draft of its own
          </Link>
          .
        </>,
      )
      onClose()
    } catch (error) {
      // Where the text changed once more, the strip tells it, and the comparison begins again.
      setProblem(await saver.failed(error))
      chooseAll(null)
    }
  }

  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title="Two texts for one item"
      about={`Choose at each difference, or for all at once. What you do not choose is kept as a draft of its own. Left, yours; right, ${theirName.toLowerCase()}.`}
    >
      <div className="mb-3 flex flex-wrap items-center gap-2">
        <Button onClick={() => chooseAll('mine')}>All of yours</Button>
        <Button onClick={() => chooseAll('theirs')}>
          {conflict.own ? 'All of the other window’s' : `All of ${conflict.changedBy}’s`}
        </Button>
        <p role="status" className="ml-auto text-soft">
          {found.isPending
            ? 'Comparing …'
            : open
              ? `${open} of ${numbers.length} differences still to choose`
              : found.data && !numbers.length
                ? 'Both say the same; there is nothing to choose.'
                : `${numbers.length} chosen`}
        </p>
      </div>
      {(problem || found.isError) && (
        <p role="alert" className="mb-3 text-rust">
          {problem || found.error?.message}{' '}
          {found.isError && <TextButton onClick={() => found.refetch()}>Compare again</TextButton>}
        </p>
      )}
      <div className="grid gap-2">
        {found.data?.fields.map((f) => (
          <Difference
            key={f.number}
            name={f.label}
            theirName={theirName}
            side={sideOf(f.number)}
            choose={(side) => choose(f.number, side)}
            mine={<p>{f.mine || <i className="text-soft">nothing</i>}</p>}
            theirs={<p>{f.theirs || <i className="text-soft">nothing</i>}</p>}
          />
        ))}
        {found.data?.stretches.map((s, i) =>
          s.number < 0 ? (
            <div key={`same-${i}`} className="max-h-40 overflow-hidden px-3 text-soft opacity-70">
              <Shown html={s.mine} />
            </div>
          ) : (
            <Difference
              key={s.number}
              name={`Passage ${s.number - (found.data?.fields.length ?? 0) + 1}`}
              theirName={theirName}
              side={sideOf(s.number)}
              choose={(side) => choose(s.number, side)}
              mine={<Shown html={s.mine} />}
              theirs={<Shown html={s.theirs} />}
            />
          ),
        )}
      </div>
      <DialogButtons>
        <Button onClick={onClose}>Decide later</Button>
        <Button
          look="main"
          blocked={open ? 'Choose at each difference first.' : found.data ? '' : 'The texts are not compared yet.'}
          onClick={take}
        >
          Go on with what I chose
        </Button>
      </DialogButtons>
    </Dialog>
  )
}

interface DifferenceProps {
  name: string
  theirName: string
  side: Side | undefined
  choose: (side: Side) => void
  mine: ReactNode
  theirs: ReactNode
}

function Difference({ name, theirName, side, choose, mine, theirs }: DifferenceProps) {
  const half = (which: Side, whose: string, content: ReactNode) => (
    <label
      className={cx(
        'grid cursor-pointer grid-cols-[auto_1fr] items-start gap-2 border bg-sheet p-3 has-focus-visible:outline-2 has-focus-visible:outline-pencil',
        side === which ? 'border-petrol ring-1 ring-petrol' : 'border-line',
        side && side !== which && 'opacity-60',
      )}
    >
      <input type="radio" name={name} checked={side === which} onChange={() => choose(which)} className="mt-1" />
      <div className="min-w-0">
        <p className="font-semibold">{whose}</p>
        {content}
      </div>
    </label>
  )
  return (
    <fieldset className="grid grid-cols-2 gap-2">
      <legend className="mb-1 font-semibold">{name}</legend>
      {half('mine', 'Yours', mine)}
      {half('theirs', theirName, theirs)}
    </fieldset>
  )
}

/** A piece of a text only to be looked at. */
function Shown({ html }: { html: string }) {
  if (!html) return <i className="text-soft">nothing here</i>
  return <div className="article !text-[1rem]" dangerouslySetInnerHTML={{ __html: asShown(html) }} />
}
