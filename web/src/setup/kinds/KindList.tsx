import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { useRefresh } from '../../shared/api/queries'
import type { KindStanding } from '../../shared/api/types'
import { Button, TextButton } from '../../shared/ui/Button'
import { DeleteKind } from './DeleteKind'
import { KindDialog } from './KindDialog'

type Doing = { what: 'new' } | { what: 'change' | 'delete'; standing: KindStanding }

function fields({ kind }: KindStanding): string {
  const names = kind.cards.flatMap((c) => c.fields.map((f) => f.label))
  return names.length ? `besides title, text and the like: ${names.join(', ')}` : 'no fields of its own'
}

/** The kinds of item of the site, and what each of them carries. */
export function KindList({ blocked }: { blocked: string }) {
  const refresh = useRefresh()
  const [doing, setDoing] = useState<Doing | null>(null)
  const [told, setTold] = useState('')
  const kinds = useQuery({ queryKey: ['kinds'], queryFn: () => answer(client.GET('/editor/api/kinds')) })
  const close = () => setDoing(null)

  async function done(sentence: string) {
    setDoing(null)
    setTold(sentence)
    await refresh()
  }

  return (
    <section aria-label="Kinds of item" className="grid gap-3 md:col-span-2">
      <h2 className="font-semibold font-serif text-large">Kinds of item</h2>
      <p className="text-soft">
        What can be written on this site, and what each kind carries besides title, summary and text.
      </p>
      {kinds.error && (
        <p role="alert" className="text-rust">
          {kinds.error.message} <TextButton onClick={() => kinds.refetch()}>Try again</TextButton>
        </p>
      )}
      <ul className="grid">
        {kinds.data?.map((s) => (
          <li key={s.kind.name} className="flex flex-wrap items-baseline gap-x-4 border-line border-t py-2">
            <p className="min-w-0 flex-1">
              <b>{s.kind.label}</b> <span className="text-soft">{s.kind.help}</span>
              <span className="block text-small text-soft">{fields(s)}</span>
            </p>
            <p className="text-soft">{s.items === 1 ? 'one item' : `${s.items} items`}</p>
            {!blocked && (
              <>
                <TextButton
                  aria-label={`Change the kind “${s.kind.label}”`}
                  onClick={() => setDoing({ what: 'change', standing: s })}
                >
                  Change
                </TextButton>
                <TextButton
                  aria-label={`Take the kind “${s.kind.label}” away`}
                  onClick={() => setDoing({ what: 'delete', standing: s })}
                >
                  Take away
                </TextButton>
              </>
            )}
          </li>
        ))}
      </ul>
      {/* Only below the whole list: a button must not move away from under a press. */}
      {!blocked && kinds.data && (
        <p className="flex items-center gap-3">
          <Button onClick={() => setDoing({ what: 'new' })}>New kind</Button>
          <span role="status">{told}</span>
        </p>
      )}
      {(doing?.what === 'new' || doing?.what === 'change') && (
        <KindDialog
          standing={doing.what === 'change' ? doing.standing : undefined}
          onDone={() => done(doing.what === 'new' ? 'The kind is there.' : 'Changed.')}
          onClose={close}
        />
      )}
      {doing?.what === 'delete' && (
        <DeleteKind standing={doing.standing} onDone={() => done('It is gone.')} onClose={close} />
      )}
    </section>
  )
}
