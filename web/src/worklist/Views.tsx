import { useState } from 'react'
import { Link } from 'react-router'
import { useForm } from '../shared/form/useForm'
import { setOwn, useOwn } from '../shared/store/own'
import { Button, TextButton } from '../shared/ui/Button'
import { Input } from '../shared/ui/Field'
import { FormState } from '../shared/ui/FormState'
import { addressOf, type Filter, isNarrow } from './filter'

const KEPT = 'worklist-views'
const MOST = 30

interface View {
  name: string
  /** The filter, as the address of the worklist has it. */
  address: string
}

function isView(one: unknown): one is View {
  const { name, address } = (one ?? {}) as Record<string, unknown>
  return typeof name === 'string' && typeof address === 'string'
}

/** Filters that somebody kept under a name, wherever they sign in. */
export function Views({ filter }: { filter: Filter }) {
  const kept = useOwn<unknown>(KEPT, [])
  const views = Array.isArray(kept) ? kept.filter(isView) : []
  const address = addressOf(filter)
  // Until somebody says so, it is open where a name was left in it.
  const [asked, setNaming] = useState<boolean>()
  const form = useForm('view', {
    stored: { name: '', address },
    send: ({ name }) =>
      name.trim() && set([...views.filter((v) => v.name !== name.trim()), { name: name.trim(), address }]),
    done: () => setNaming(false),
  })
  const naming = asked ?? form.changed
  const here = views.find((v) => v.address === address)

  function set(next: View[]) {
    setOwn(KEPT, next.length ? next : undefined)
  }

  const mayKeep = !here && views.length < MOST && (isNarrow(filter) || filter.order !== 'BEST')
  if (!views.length && !mayKeep) return null
  return (
    <section aria-label="Kept views" className="grid gap-1 px-4 pt-3">
      <h2 className="text-small text-soft">Kept views</h2>
      <ul>
        {views.map((v) => (
          <li key={v.name} className="flex items-baseline gap-2">
            <Link
              to={`/worklist?${v.address}`}
              aria-current={v === here || undefined}
              className="min-w-0 flex-1 truncate hover:underline aria-[current]:font-semibold"
            >
              {v.name}
            </Link>
            {v === here && (
              <TextButton aria-label={`Forget “${v.name}”`} onClick={() => set(views.filter((o) => o !== v))}>
                Forget
              </TextButton>
            )}
          </li>
        ))}
      </ul>
      {mayKeep && !naming && (
        <TextButton className="font-normal" onClick={() => setNaming(true)}>
          Keep this view
        </TextButton>
      )}
      {mayKeep && naming && (
        <form onSubmit={form.submit} className="grid gap-2">
          <Input
            label="Name of the view"
            autoFocus
            value={form.value.name}
            maxLength={60}
            required
            onChange={(e) => form.set({ name: e.target.value })}
            onKeyDown={(e) => e.key === 'Escape' && setNaming(false)}
          />
          <FormState form={form} />
          <Button type="submit">Keep</Button>
        </form>
      )}
    </section>
  )
}
