import { useQueryClient } from '@tanstack/react-query'
import { useId, useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useForm } from '../shared/form/useForm'
import { useFilters } from '../shared/ui/AssetFilters'
import { Button } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { fieldBox } from '../shared/ui/Field'
import { FormState } from '../shared/ui/FormState'

/** Puts the marked assets into a collection, new or not, or takes them out of the one that is shown. */
export function Gather({ names, within, onDone }: { names: string[]; within: string; onDone: () => void }) {
  const cache = useQueryClient()
  const list = useId()
  const there = useFilters().data?.collections ?? []
  const form = useForm('collection', {
    stored: { collection: '' },
    send: (typed) => put(typed.collection, true),
    done: onDone,
  })
  const { collection } = form.value
  const [problem, setProblem] = useState('')

  async function put(to: string, into: boolean) {
    await answer(client.POST('/editor/api/assets/collections', { body: { assets: names, collection: to, in: into } }))
    await cache.invalidateQueries({ queryKey: ['assets'] })
    cache.invalidateQueries({ queryKey: ['asset'] })
  }

  async function takeOut() {
    setProblem('')
    try {
      await put(within, false)
      onDone()
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  return (
    <form
      aria-label="The marked assets"
      className="flex flex-wrap items-center gap-3 border border-line bg-sheet px-3 py-2"
      onSubmit={(e) => {
        e.preventDefault()
        if (collection.trim()) form.submit()
      }}
    >
      <p role="status">{names.length === 1 ? '1 is marked.' : `${names.length} are marked.`}</p>
      <input
        aria-label="Collection"
        placeholder="A collection, new or not"
        list={list}
        value={collection}
        onChange={(e) => form.set({ collection: e.target.value })}
        className={cx(fieldBox, 'h-8 w-56')}
      />
      <datalist id={list}>
        {there.map((c) => (
          <option key={c} value={c} />
        ))}
      </datalist>
      <Button type="submit" blocked={collection.trim() ? '' : 'Name the collection first.'}>
        Put into the collection
      </Button>
      {within && <Button onClick={takeOut}>Take out of “{within}”</Button>}
      <Button look="quiet" onClick={onDone}>
        Mark none
      </Button>
      <FormState form={form} />
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
    </form>
  )
}
