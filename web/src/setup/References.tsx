import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import type { FoundReference, ReferenceLink } from '../shared/api/types'
import { moved } from '../shared/base/lists'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { AddButton } from '../shared/ui/AddButton'
import { TextButton } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { FieldFrame, fieldBox, Input } from '../shared/ui/Field'
import { SettingsFoot } from './SettingsFoot'

const EXAMPLE = 'The meter at TL-1042 read 21.6, that at TL-0007 less.'

/** Patterns of codes with the addresses they lead to, tried on a text before they hold. */
export function References({ blocked }: { blocked: string }) {
  const kept = useQuery({
    queryKey: ['reference-links'],
    queryFn: () => answer(client.GET('/editor/api/reference-links')),
  })
  const refresh = useRefresh()
  const form = useForm('reference-links', {
    stored: kept.data && { links: kept.data.links },
    blank: { links: [] as ReferenceLink[] },
    revision: kept.data?.revision,
    send: ({ links }, seen) =>
      answer(
        client.PUT('/editor/api/reference-links', { params: { header: on(seen) }, body: { links, revision: seen } }),
      ),
    read: ({ links }: { links: ReferenceLink[] }) => ({ links }),
    done: refresh,
    told: 'Changed. Readers follow them now.',
    lists: { links: (l: ReferenceLink) => l.name },
    labels: { links: 'Reference links' },
  })
  const { links } = form.value
  const change = (next: ReferenceLink[]) => form.set({ links: next })
  return (
    <section aria-label="Reference links">
      <form onSubmit={form.submit} className="grid gap-3">
        <h2 className="font-semibold font-serif text-large">Reference links</h2>
        <p className="text-soft">
          Codes such as TL-1042 that become links for readers, and are marked on the sheet. A pattern is a regular
          expression in the syntax of RE2; in the address, {'{0}'} stands for the whole code and {'{1}'} for the first
          group.
        </p>
        {!links.length && <p>There is none yet.</p>}
        <ol className="grid gap-3">
          {links.map((link, i) => (
            <li key={i} className="grid gap-2 border-line border-t pt-2">
              {blocked ? (
                <p>
                  <b>{link.name}</b> <code>{link.pattern}</code> → {link.address}
                </p>
              ) : (
                <One
                  link={link}
                  number={i + 1}
                  set={(next) => change(links.map((l, n) => (n === i ? next : l)))}
                  up={i ? () => change(moved(links, i, i - 1)) : undefined}
                  away={() => change(links.filter((_, n) => n !== i))}
                />
              )}
            </li>
          ))}
        </ol>
        {!blocked && (
          <>
            <div>
              <AddButton onClick={() => change([...links, { name: '', pattern: '', address: '' }])}>
                Add a reference link
              </AddButton>
            </div>
            {links.length > 0 && <Try links={links} />}
            <SettingsFoot form={form} does="Change the reference links" />
          </>
        )}
      </form>
    </section>
  )
}

interface OneProps {
  link: ReferenceLink
  number: number
  set: (next: ReferenceLink) => void
  up?: () => void
  away: () => void
}

function One({ link, number, set, up, away }: OneProps) {
  const field = (name: keyof ReferenceLink, label: string, placeholder: string) => (
    <Input
      label={`${label} ${number}`}
      placeholder={placeholder}
      value={link[name]}
      spellCheck={false}
      onChange={(e) => set({ ...link, [name]: e.target.value })}
    />
  )
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-3">
        {field('name', 'What it is', 'Station')}
        {field('pattern', 'Pattern', 'TL-(\\d{4})')}
        {field('address', 'Leads to', 'https://example.org/stations/{1}')}
      </div>
      <p className="flex gap-3">
        {up && (
          <TextButton aria-label={`Let reference link ${number} hold earlier`} onClick={up}>
            Up
          </TextButton>
        )}
        <TextButton aria-label={`Take reference link ${number} away`} onClick={away}>
          Take away
        </TextButton>
      </p>
    </>
  )
}

/** A text in which the links find what they would find. */
function Try({ links }: { links: ReferenceLink[] }) {
  const [text, setText] = useState(EXAMPLE)
  const [found, setFound] = useState<FoundReference[]>([])
  const [problem, setProblem] = useState('')
  useEffect(() => {
    let over = false
    const timer = setTimeout(async () => {
      try {
        const now = await answer(
          client.POST('/editor/api/reference-links/tried', { body: { links: { links, revision: '' }, text } }),
        )
        if (over) return
        setFound(now)
        setProblem('')
      } catch (error) {
        if (!over) setProblem((error as Error).message)
      }
    }, 300)
    return () => {
      over = true
      clearTimeout(timer)
    }
  }, [links, text])
  return (
    <div className="grid gap-2 border border-line bg-sheet p-3">
      <FieldFrame label="Try them on a text">
        {({ id, describedBy }) => (
          <textarea
            id={id}
            aria-describedby={describedBy}
            rows={2}
            value={text}
            maxLength={20_000}
            onChange={(e) => setText(e.target.value)}
            className={cx(fieldBox, 'resize-y py-1.5')}
          />
        )}
      </FieldFrame>
      <div role="status">
        {problem ? (
          <p className="text-rust">{problem}</p>
        ) : found.length ? (
          <ul className="grid gap-1">
            {found.map((f) => (
              <li key={f.from}>
                <b>{text.slice(f.from, f.to)}</b> is a {f.name}, and leads to {f.address}
              </li>
            ))}
          </ul>
        ) : (
          <p className="text-soft">Nothing in this text fits.</p>
        )}
      </div>
    </div>
  )
}
