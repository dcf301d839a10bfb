import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { answer, client } from '../shared/api/client'
import type { Terms, TermUse } from '../shared/api/types'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { useOpenText } from '../shared/store/openText'
import { Button } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { FieldFrame, fieldBox } from '../shared/ui/Field'
import { FormState } from '../shared/ui/FormState'

const linesOf = ({ terms }: { terms: string[] }) => ({ lines: terms.join('\n') })

/** What the item is to speak of, and what its text does speak of. */
export function TargetTerms({ item }: { item: string }) {
  const queries = useQueryClient()
  const text = useOpenText()
  const target = useQuery({
    queryKey: ['target', item],
    queryFn: () =>
      answer(client.GET('/editor/api/items/{key}/notebook/target-terms', { params: { path: { key: item } } })),
  })
  const form = useForm(`target-terms:${item}`, {
    stored: target.data && linesOf(target.data),
    blank: { lines: '' },
    revision: target.data?.revision,
    send: ({ lines }, seen) =>
      answer(
        client.PUT('/editor/api/items/{key}/notebook/target-terms', {
          params: { path: { key: item }, header: on(seen) },
          body: { terms: lines.split(/[\n,;]/), revision: seen },
        }),
      ),
    read: linesOf,
    done: async () => {
      await queries.invalidateQueries({ queryKey: ['target', item] })
      setOpen(false)
      text?.lookAgain()
    },
    labels: { lines: 'Words and phrases' },
  })
  const [open, setOpen] = useState(form.changed)
  const [problem, setProblem] = useState('')
  const [used, setUsed] = useState<Terms | null>(null)
  const terms = target.data?.terms

  useEffect(() => {
    if (!terms) return
    let timer: ReturnType<typeof setTimeout> | undefined
    let stopped = false
    let looked: string | null = null
    const look = async () => {
      try {
        const body = text
          ? text.html()
          : (await answer(client.GET('/editor/api/items/{key}', { params: { path: { key: item } } }))).content.body
        // The cursor alone changes nothing that could be found.
        if (body === looked) return
        const found = await answer(
          client.POST('/editor/api/items/{key}/notebook/terms', { params: { path: { key: item } }, body: { body } }),
        )
        looked = body
        if (!stopped) setUsed(found)
      } catch (error) {
        if (!stopped) setProblem((error as Error).message)
      }
    }
    look()
    const unsubscribe = text?.subscribe(() => {
      clearTimeout(timer)
      timer = setTimeout(look, 900)
    })
    return () => {
      stopped = true
      clearTimeout(timer)
      unsubscribe?.()
    }
  }, [text, item, terms])

  const missing = used?.wanted.filter((u) => !u.count) ?? []
  return (
    <div className="relative min-h-0 flex-1 overflow-auto">
      {!open ? (
        <div className="flex items-baseline gap-2">
          <h3 className="flex-1 font-semibold">To speak of</h3>
          <Button className="h-7" onClick={() => setOpen(true)}>
            {terms?.length ? 'Change' : 'Name terms'}
          </Button>
        </div>
      ) : (
        <form className="grid gap-2" onSubmit={form.submit} aria-label="To speak of">
          <FieldFrame label="Words and phrases, a line each">
            {({ id, describedBy }) => (
              <textarea
                id={id}
                aria-describedby={describedBy}
                rows={5}
                // biome-ignore lint/a11y/noAutofocus: it was opened to type here
                autoFocus
                value={form.value.lines}
                onChange={(e) => form.set({ lines: e.target.value })}
                className={cx(fieldBox, 'py-1')}
              />
            )}
          </FieldFrame>
          <FormState form={form} />
          <p className="flex gap-2">
            <Button look="main" type="submit">
              Keep
            </Button>
            <Button
              onClick={() => {
                form.drop()
                setOpen(false)
              }}
            >
              Cancel
            </Button>
          </p>
        </form>
      )}
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
      {used && used.wanted.length > 0 && (
        <p role="status" className="mt-1 text-soft">
          {missing.length
            ? `Missing: ${missing.map((u) => u.term).join(', ')}.`
            : 'The text uses every one, in this or another form.'}
        </p>
      )}
      {used && !used.wanted.length && !open && (
        <p className="mt-1 text-soft">Name what readers will search for; here you see where the text says it.</p>
      )}
      {used && <Uses label="Terms" uses={used.wanted} goTo={text?.goTo} />}
      {used && used.densestWords.length > 0 && (
        <>
          <h3 className="mt-4 font-semibold">Said most</h3>
          <Uses label="Words said most" uses={used.densestWords} goTo={text?.goTo} />
        </>
      )}
      {used && used.densestPhrases.length > 0 && (
        <>
          <h3 className="mt-4 font-semibold">Phrases</h3>
          <Uses label="Phrases said most" uses={used.densestPhrases} goTo={text?.goTo} />
        </>
      )}
    </div>
  )
}

/** Each term with how often it stands where; the strip is the text from its start to its end. */
function Uses({ label, uses, goTo }: { label: string; uses: TermUse[]; goTo: ((block: number) => void) | undefined }) {
  if (!uses.length) return null
  return (
    <table aria-label={label} className="mt-1 w-full table-fixed">
      <thead className="sr-only">
        <tr>
          <th>Term</th>
          <th>Times, and share of the words</th>
          <th>Where</th>
        </tr>
      </thead>
      <tbody>
        {uses.map((u) => (
          <tr key={u.term} className="border-line border-t">
            <td className="break-words py-1 pr-2">
              {u.term}
              {u.advice && <p className="text-pencil">{u.advice}</p>}
            </td>
            <td
              className="w-24 whitespace-nowrap py-1 pr-2 text-right align-top text-soft"
              title={u.count ? `${u.perHundred} of 100 words` : undefined}
            >
              {u.count ? `${u.count}×, ${u.perHundred} %` : 'not yet'}
            </td>
            <td className="w-20 py-2 align-top">
              <Along use={u} goTo={goTo} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function Along({ use, goTo }: { use: TermUse; goTo: ((block: number) => void) | undefined }) {
  const next = use.places[0]
  const told = use.count
    ? `“${use.term}” at ${use.places.map((p) => `${Math.round(p.along * 100)}%`).join(', ')} of the text`
    : ''
  const strip = (
    <svg viewBox="0 0 100 12" preserveAspectRatio="none" className="block h-3 w-full bg-desk" aria-hidden="true">
      {use.places.map((p, i) => (
        <rect key={i} x={Math.min(98, p.along * 98)} y="0" width="2" height="12" className="fill-petrol" />
      ))}
    </svg>
  )
  if (!goTo || !next) return <span title={told}>{strip}</span>
  return (
    <button
      type="button"
      className="block w-full"
      aria-label={`Go to ${told}`}
      title={told}
      onClick={(e) => {
        const box = e.currentTarget.getBoundingClientRect()
        const at = e.clientX ? (e.clientX - box.left) / box.width : 0
        const nearest = [...use.places].sort((a, b) => Math.abs(a.along - at) - Math.abs(b.along - at))[0]
        goTo(nearest.block)
      }}
    >
      {strip}
    </button>
  )
}
