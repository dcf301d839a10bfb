import { useEffect, useRef, useState } from 'react'
import { answer, client } from '../../shared/api/client'
import type { Embedding } from '../../shared/api/types'
import { NotYet, useForm } from '../../shared/form/useForm'
import { openText } from '../../shared/store/openText'
import { Button } from '../../shared/ui/Button'
import { FieldFrame, fieldBox, Input } from '../../shared/ui/Field'
import { FormDialog } from '../../shared/ui/FormDialog'
import { proportions } from '../blocks/layout'
import { columnsTakeIn, insertBefore, insertColumns, insertPicked } from '../commands/blocks'
import { insertTable, MOST_COLUMNS, MOST_ROWS } from '../commands/tables'
import { schema } from '../model/schema'
import { useSheet } from '../state/context'
import { useDerived } from '../state/useEditor'

interface Props {
  onClose: () => void
}

function number(text: string, most: number): string {
  const n = Number(text)
  return Number.isInteger(n) && n >= 1 && n <= most ? '' : `A number from 1 to ${most}.`
}

/** A new table by its size. */
export function TableDialog({ onClose }: Props) {
  const sheet = useSheet()
  const form = useForm(`new-table:${openText()?.key}`, {
    stored: { rows: '4', columns: '3' },
    send: (typed) => sheet.run(insertTable(Number(typed.rows), Number(typed.columns))),
    done: onClose,
  })
  const { rows, columns } = form.value
  const wrong = number(rows, MOST_ROWS) || number(columns, MOST_COLUMNS)
  return (
    <FormDialog
      title="New table"
      about="The first row becomes the header row."
      does="Put it in"
      blocked={wrong}
      form={form}
      onClose={onClose}
    >
      <div className="grid grid-cols-2 gap-4">
        <Input
          label="Rows"
          inputMode="numeric"
          value={rows}
          onChange={(e) => form.set({ rows: e.target.value })}
          problem={number(rows, MOST_ROWS)}
          autoFocus
        />
        <Input
          label="Columns"
          inputMode="numeric"
          value={columns}
          onChange={(e) => form.set({ columns: e.target.value })}
          problem={number(columns, MOST_COLUMNS)}
        />
      </div>
    </FormDialog>
  )
}

/** Side-by-side columns in one of the ready proportions. */
export function ColumnsDialog({ onClose }: Props) {
  const sheet = useSheet()
  const form = useForm(`new-columns:${openText()?.key}`, {
    stored: { chosen: '1:1' },
    send: ({ chosen: shares }) => sheet.run(insertColumns(shares.split(':').map(Number))),
    done: onClose,
  })
  const { chosen } = form.value
  const count = useDerived(columnsTakeIn)
  const taken =
    count > 1
      ? `The ${count} selected blocks are shared out over them.`
      : count
        ? 'The selected block goes into the first.'
        : ''
  return (
    <FormDialog
      title="Side-by-side columns"
      about={`On a phone they are below each other, the first one first.${taken ? ` ${taken}` : ''}`}
      does="Put them in"
      form={form}
      onClose={onClose}
    >
      <fieldset className="grid grid-cols-2 gap-2">
        <legend className="sr-only">Proportions</legend>
        {proportions.map(([value, name]) => (
          <label
            key={value}
            className="flex cursor-pointer items-center gap-2 border border-line bg-sheet p-2 has-checked:border-petrol has-checked:ring-1 has-checked:ring-petrol has-focus-visible:outline-2 has-focus-visible:outline-pencil"
          >
            <input
              type="radio"
              name="proportions"
              className="sr-only"
              checked={chosen === value}
              onChange={() => form.set({ chosen: value })}
            />
            <span aria-hidden className="flex h-6 w-16 shrink-0 gap-0.5">
              {value.split(':').map((share, i) => (
                <span key={i} className="bg-edge" style={{ flexGrow: Number(share) }} />
              ))}
            </span>
            {name}
          </label>
        ))}
      </fieldset>
    </FormDialog>
  )
}

/** How long after the last letter of an address it is asked what is there. */
const PAUSE = 400

function judge(given: string): Promise<Embedding> {
  return answer(client.GET('/editor/api/writing/embed', { params: { query: { given } } }))
}

/** What is there calls itself; empty where it does not say, or cannot be asked. */
async function titleOf(given: string): Promise<string> {
  const found = await answer(client.GET('/editor/api/intake/embed-title', { params: { query: { given } } })).catch(
    () => null,
  )
  return found?.title ?? ''
}

/** Something of another host: judged by the site's list before it goes in. */
export function EmbedDialog({ onClose, given: pasted }: Props & { given: string }) {
  const sheet = useSheet()
  const [judged, setJudged] = useState<Embedding | null>(null)
  const { hosts } = sheet.writing
  const form = useForm(`embed:${openText()?.key}`, {
    stored: { given: pasted, title: '' },
    send: async (typed) => {
      const found = await judge(typed.given)
      setJudged(found)
      if (found.problem) throw new Error(found.problem)
      const words = typed.title.trim() || found.title || (await titleOf(typed.given))
      if (!words) throw new NotYet()
      const attrs = { address: found.address, title: words, width: '100%', shape: found.shape }
      sheet.run(insertPicked(schema.node('embed', attrs)))
    },
    done: onClose,
  })
  const { given, title } = form.value
  const bring = useRef<(words: string) => void>(() => {})
  bring.current = (words) => {
    if (words && !form.value.title) form.set({ title: words })
  }
  // It brings its title as soon as the address is there; what somebody typed stays.
  useEffect(() => {
    if (!given.trim()) return
    let over = false
    const timer = setTimeout(async () => {
      const words = await titleOf(given)
      if (!over) bring.current(words)
    }, PAUSE)
    return () => {
      over = true
      clearTimeout(timer)
    }
  }, [given])

  function link() {
    const href = judged?.link ?? ''
    sheet.run((state, dispatch) => {
      const text = schema.text(title.trim() || href, [schema.mark('link', { href })])
      dispatch?.(state.tr.replaceSelectionWith(text, false).scrollIntoView())
      return true
    })
    form.drop()
    onClose()
  }

  const taken = judged && !judged.problem
  return (
    <FormDialog
      title="Embed"
      about={`Shows a player or page of another host. The site lets in: ${hosts.map((h) => h.name).join(', ') || 'none yet; an editor can list hosts in Set-up'}.`}
      does="Put it in"
      blocked={taken && !title.trim() ? 'Say what it is first: the title is needed.' : ''}
      form={form}
      quiet
      onClose={onClose}
      more={
        judged?.link && form.problem ? (
          <Button className="mr-auto" onClick={link}>
            Insert a link instead
          </Button>
        ) : undefined
      }
    >
      <FieldFrame
        label="Address or code"
        hint="The address of the page, or the whole <iframe> code."
        problem={form.problem}
      >
        {({ id, describedBy }) => (
          <textarea
            id={id}
            rows={3}
            aria-describedby={describedBy}
            value={given}
            // biome-ignore lint/a11y/noAutofocus: a dialog is opened to type here
            autoFocus
            onChange={(e) => {
              form.set({ given: e.target.value })
              setJudged(null)
            }}
            className={`${fieldBox} py-1.5`}
          />
        )}
      </FieldFrame>
      <Input
        label="Title"
        hint="What it shows, for people who cannot see it. Needed; it comes with the address where its host tells it."
        value={title}
        onChange={(e) => form.set({ title: e.target.value })}
        problem={taken && !title.trim() ? 'It came without a title. Say what it is.' : ''}
      />
    </FormDialog>
  )
}

/** A named place that links can lead to. */
export function JumpDialog({ onClose }: Props) {
  const sheet = useSheet()
  const form = useForm(`jump-target:${openText()?.key}`, {
    stored: { name: '' },
    send: ({ name: anchor }) => sheet.run(insertBefore(schema.node('jump_target', { anchor }))),
    done: onClose,
  })
  const { name } = form.value
  const problem = name ? sheet.targetProblem(name, '') : ''
  return (
    <FormDialog
      title="Jump target"
      about="Names this place, so that links can lead to it. Headings can be linked to without one."
      does="Put it in"
      blocked={!name ? 'Name the place first.' : problem}
      form={form}
      onClose={onClose}
    >
      <Input
        label="Name"
        hint="Letters, digits and hyphens, beginning with a letter."
        value={name}
        onChange={(e) => form.set({ name: e.target.value.trim() })}
        problem={problem}
        autoFocus
      />
    </FormDialog>
  )
}
