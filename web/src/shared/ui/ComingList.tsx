import { useEffect, useState } from 'react'
import {
  type Choice,
  type Coming,
  chooseComing,
  clearComing,
  retryComing,
  stopComing,
  useComing,
} from '../store/coming'
import { Button } from './Button'
import { factsOf, itemsOf, sizeOf } from './sizes'

interface Props {
  /** Whether only files are shown that came since this was opened: those of a dialog. */
  own?: boolean
}

/** The files on their way to the assets, each with what became of it. */
export function ComingList({ own }: Props) {
  const all = useComing()
  const [before] = useState(() => new Set(all.map((c) => c.id)))
  const coming = own ? all.filter((c) => !before.has(c.id)) : all
  if (!coming.length) return null
  const over = coming.some((c) => !['waits', 'goes', 'asks'].includes(c.state))
  return (
    <section aria-label="Files on their way" className="border border-line bg-sheet">
      <ul>
        {coming.map((c) => (
          <li key={c.id} className="border-line border-b px-3 py-2 last:border-b-0">
            <Row coming={c} />
          </li>
        ))}
      </ul>
      {over && (
        <div className="border-line border-t px-3 py-2">
          <Button look="quiet" onClick={clearComing}>
            Clear the list
          </Button>
        </div>
      )}
    </section>
  )
}

function Row({ coming: c }: { coming: Coming }) {
  const share = c.file.size ? Math.min(100, Math.floor((100 * c.sent) / c.file.size)) : 100
  return (
    <div className="grid gap-1">
      <div className="flex items-center gap-3">
        <p className="min-w-0 flex-1 truncate font-semibold" title={c.file.name}>
          {c.file.name}
        </p>
        <p role="status" className="shrink-0 text-small text-soft">
          {told(c, share)}
        </p>
        {(c.state === 'waits' || c.state === 'goes') && (
          <Button look="quiet" aria-label={`Stop ${c.file.name}`} onClick={() => stopComing(c.id)}>
            Stop
          </Button>
        )}
        {(c.state === 'failed' || c.state === 'stopped') && (
          <Button look="quiet" aria-label={`Try ${c.file.name} again`} onClick={() => retryComing(c.id)}>
            Try again
          </Button>
        )}
      </div>
      {c.state === 'goes' && (
        <progress aria-label={c.file.name} value={share} max={100} className="h-1.5 w-full accent-petrol" />
      )}
      {c.problem && (
        <p role="alert" className="text-rust">
          {c.problem}
        </p>
      )}
      {c.state === 'asks' && c.which && <Which coming={c} />}
    </div>
  )
}

function told(c: Coming, share: number): string {
  switch (c.state) {
    case 'waits':
      return 'Waits'
    case 'goes':
      if (c.broken) return `The line is broken at ${share} %; it goes on by itself`
      return share < 100 ? `${share} % of ${sizeOf(c.file.size)}` : 'Being looked at …'
    case 'stopped':
      return 'Stopped'
    case 'failed':
      return 'Not taken in'
    case 'asks':
      return 'Waits for you'
    case 'done':
      return c.added?.seen ? `You have this already, ${itemsOf(c.added.uses)}` : 'Among the assets'
  }
}

const choices: { choice: Choice; words: string }[] = [
  { choice: 'BOTH', words: 'Keep both' },
  { choice: 'REPLACE', words: 'Replace it everywhere' },
  { choice: 'USE', words: 'Use the one that is there' },
]

/** Both files of one name, and what can become of them. */
function Which({ coming }: { coming: Coming }) {
  const { existing, uses } = coming.which as NonNullable<Coming['which']>
  return (
    <div className="grid gap-2">
      <p>There is a file of this name already, with something else in it, {itemsOf(uses)}.</p>
      <div className="flex gap-4">
        <Shown words="Already there" src={existing.tile} facts={factsOf(existing)} />
        <Shown words="Coming in" file={coming.file} facts={sizeOf(coming.file.size)} />
      </div>
      <div className="flex flex-wrap gap-2">
        {choices.map(({ choice, words }) => (
          <Button key={choice} onClick={() => chooseComing(coming, choice)}>
            {words}
          </Button>
        ))}
      </div>
    </div>
  )
}

function Shown({ words, src, file, facts }: { words: string; src?: string; file?: File; facts: string }) {
  const [own, setOwn] = useState('')
  useEffect(() => {
    if (!file?.type.startsWith('image/')) return
    const address = URL.createObjectURL(file)
    setOwn(address)
    return () => URL.revokeObjectURL(address)
  }, [file])
  const picture = src || own
  return (
    <figure className="w-44">
      {picture && <img src={picture} alt="" className="aspect-video w-full border border-line object-contain" />}
      <figcaption className="text-small">
        {words}
        <span className="block text-soft">{facts}</span>
      </figcaption>
    </figure>
  )
}
