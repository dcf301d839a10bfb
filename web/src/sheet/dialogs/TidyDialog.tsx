import { type FormEvent, useEffect, useMemo, useState } from 'react'
import { answer, client } from '../../shared/api/client'
import type { RuleMatches } from '../../shared/api/types'
import { Button } from '../../shared/ui/Button'
import { Dialog, DialogButtons } from '../../shared/ui/Dialog'
import { put, setPlace } from '../intake/range'
import { schema } from '../model/schema'
import { writeHtml } from '../model/write'
import { useSheet } from '../state/context'
import type { Sheet } from '../state/Sheet'

/** The blocks that are picked, or all of them. */
function scope(sheet: Sheet) {
  const { doc, selection } = sheet.state
  const { $from, $to, empty } = selection
  const last = Math.min($to.indexAfter(0), doc.childCount)
  const some = !empty && ($from.index(0) !== last - 1 || $from.pos !== $to.pos)
  const whole = !some || ($from.index(0) === 0 && last === doc.childCount)
  const first = whole ? 0 : $from.index(0)
  const end = whole ? doc.childCount : Math.max(first + 1, last)
  let from = 0
  for (let i = 0; i < first; i++) from += doc.child(i).nodeSize
  let to = from
  const blocks = []
  for (let i = first; i < end; i++) {
    blocks.push(doc.child(i))
    to += doc.child(i).nodeSize
  }
  // Lines left empty never reach readers; they are counted here, where they can be seen.
  const empties = blocks.filter((b) => b.type.name === 'paragraph' && !b.content.size).length
  return { from, to, whole, html: writeHtml(schema.node('doc', null, blocks)), empties }
}

/** Finds habits of hand-made text, shows each place, and mends what is chosen. */
export function TidyDialog({ onClose }: { onClose: () => void }) {
  const sheet = useSheet()
  const [place] = useState(() => scope(sheet))
  const [found, setFound] = useState<RuleMatches[] | null>(null)
  const [left, setLeft] = useState<Set<string>>(new Set())
  const [problem, setProblem] = useState('')

  useEffect(() => {
    answer(
      client.POST('/editor/api/intake/tidy', { body: { body: place.html, language: sheet.writingLanguage.language } }),
    )
      .then(setFound)
      .catch((e: Error) => setProblem(e.message))
  }, [place, sheet])

  const all = useMemo(() => (found ?? []).flatMap((h) => h.traces.map((t) => name(h, t.key))), [found])
  const chosenCount = all.filter((k) => !left.has(k)).length

  function leave(keys: string[], on: boolean) {
    const next = new Set(left)
    for (const key of keys) {
      if (on) next.delete(key)
      else next.add(key)
    }
    setLeft(next)
  }

  async function submit(e: FormEvent) {
    e.preventDefault()
    e.stopPropagation()
    const chosen = Object.fromEntries(
      (found ?? []).map((h) => [h.rule, h.traces.map((t) => t.key).filter((k) => !left.has(name(h, k)))]),
    )
    try {
      const { body } = await answer(
        client.POST('/editor/api/intake/tidy/mended', {
          body: { body: place.html, language: sheet.writingLanguage.language, chosen },
        }),
      )
      sheet.dispatch(setPlace(sheet.state, place))
      sheet.dispatch(put(sheet.state, body))
      sheet.dispatch(setPlace(sheet.state, null))
      sheet.tell(`Tidied ${chosenCount === 1 ? '1 place' : `${chosenCount} places`}. Undo brings back what was there.`)
      onClose()
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  const about = place.whole ? 'The whole text was looked through.' : 'The blocks you picked were looked through.'
  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title="Tidy"
      about={`${about} What is ticked is mended; leave out what is meant.`}
    >
      <form onSubmit={submit} className="grid gap-4">
        {problem && (
          <p role="alert" className="text-rust">
            {problem}
          </p>
        )}
        {!found && !problem && <p>Looking …</p>}
        {found?.length === 0 && (
          <p>
            {place.empties
              ? `Only ${lines(place.empties)} on the sheet, which never reach readers.`
              : 'Nothing to tidy: no empty paragraphs, doubled spaces, typed lists, lines that play heading, capitals, stray breaks, hand-made type or straight quotes.'}
          </p>
        )}
        {found?.map((h) => (
          <RuleGroup key={h.rule} rule={h} left={left} leave={leave} />
        ))}
        <DialogButtons>
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit" blocked={chosenCount ? '' : 'There is nothing ticked.'}>
            {chosenCount === 1 ? 'Tidy 1 place' : `Tidy ${chosenCount} places`}
          </Button>
        </DialogButtons>
      </form>
    </Dialog>
  )
}

function name(rule: RuleMatches, key: string) {
  return `${rule.rule} ${key}`
}

function lines(count: number) {
  return count === 1 ? 'an empty line' : `${count} empty lines`
}

interface GroupProps {
  rule: RuleMatches
  left: Set<string>
  leave: (keys: string[], on: boolean) => void
}

function RuleGroup({ rule, left, leave }: GroupProps) {
  const keys = rule.traces.map((t) => name(rule, t.key))
  const on = keys.filter((k) => !left.has(k)).length
  return (
    <fieldset>
      <legend className="sr-only">{rule.label}</legend>
      <label className="flex items-baseline gap-2 font-semibold">
        <input
          type="checkbox"
          checked={on > 0}
          ref={(box) => {
            if (box) box.indeterminate = on > 0 && on < keys.length
          }}
          onChange={(e) => leave(keys, e.target.checked)}
        />
        {rule.label}: {rule.traces.length}
      </label>
      <p className="pl-5.5 text-small text-soft">{rule.why}</p>
      <ul className="mt-1 max-h-52 overflow-auto border-line border-l pl-3">
        {rule.traces.map((t) => (
          <li key={t.key}>
            <label className="grid grid-cols-[1rem_1fr_1rem_1fr] items-baseline gap-2 py-0.5">
              <input
                type="checkbox"
                checked={!left.has(name(rule, t.key))}
                onChange={(e) => leave([name(rule, t.key)], e.target.checked)}
              />
              <span className="min-w-0 break-words">{t.before}</span>
              <span aria-hidden>→</span>
              <span className="sr-only">becomes</span>
              <span className="min-w-0 break-words">{t.after || '(taken out)'}</span>
            </label>
          </li>
        ))}
      </ul>
    </fieldset>
  )
}
