import { useQuery } from '@tanstack/react-query'
import { DOMSerializer } from 'prosemirror-model'
import type { EditorState } from 'prosemirror-state'
import { useState } from 'react'
import { answer, client } from '../../shared/api/client'
import type { Length } from '../../shared/api/types'
import { Dialog } from '../../shared/ui/Dialog'
import { Input } from '../../shared/ui/Field'
import { schema } from '../model/schema'
import { writeHtml } from '../model/write'
import { type Help, helpsOff, switchHelp, typingHelps } from '../plugins/typing'
import { useSheet } from '../state/context'
import { characters, noteCharacter, recentCharacters } from './characters'

interface Props {
  onClose: () => void
}

/** Signs that no key has, to be looked for by name. */
export function CharactersDialog({ onClose }: Props) {
  const sheet = useSheet()
  const [words, setWords] = useState('')
  const [recent] = useState(recentCharacters)
  const wanted = words.trim().toLowerCase()
  const found = characters.filter(([sign, name]) => name.includes(wanted) || sign === words.trim())
  const byCode = words.trim().match(/^(?:u\+|&#x)?([0-9a-f]{2,6});?$/i)
  const code = byCode ? Number.parseInt(byCode[1], 16) : 0
  const typed = code > 0x1f && code <= 0x10ffff && !(code >= 0xd800 && code <= 0xdfff) ? String.fromCodePoint(code) : ''

  function put(sign: string) {
    noteCharacter(sign)
    sheet.run((state, dispatch) => {
      dispatch?.(state.tr.insertText(sign).scrollIntoView())
      return true
    })
    onClose()
  }

  const names = new Map(characters)
  const button = ([sign, name]: readonly [string, string]) => (
    <button
      key={name + sign}
      type="button"
      title={name}
      aria-label={name}
      onClick={() => put(sign)}
      className="grid size-10 place-items-center rounded-3 border border-line bg-sheet font-serif text-large hover:border-edge hover:bg-desk"
    >
      {sign.trim() && sign !== '\u00ad' && sign !== '\u200b' ? (
        sign
      ) : (
        <span className="text-small text-soft">{short(name)}</span>
      )}
    </button>
  )

  return (
    <Dialog open onClose={onClose} title="Special characters" about="It goes where the cursor stands.">
      <div className="grid gap-3">
        <Input
          label="Look for"
          hint="A part of its name, as “dash” or “acute”, or its code, as U+2192."
          value={words}
          onChange={(e) => setWords(e.target.value)}
          onKeyDown={(e) => {
            if (e.key !== 'Enter') return
            e.preventDefault()
            const first = typed || found[0]?.[0]
            if (wanted && first) put(first)
          }}
          autoFocus
        />
        {!wanted && recent.length > 0 && (
          <div>
            <h3 className="mb-1 text-soft">Used lately</h3>
            <div className="flex flex-wrap gap-1">{recent.map((s) => button([s, names.get(s) ?? `U+${hex(s)}`]))}</div>
          </div>
        )}
        <div className="flex max-h-72 flex-wrap gap-1 overflow-auto p-0.5">
          {typed && button([typed, `U+${hex(typed)}`])}
          {found.map(button)}
          {!found.length && !typed && (
            <p className="text-soft">No character of this name here. Its code would find it.</p>
          )}
        </div>
      </div>
    </Dialog>
  )
}

function hex(sign: string): string {
  return (sign.codePointAt(0) ?? 0).toString(16).toUpperCase().padStart(4, '0')
}

function short(name: string): string {
  return name
    .split(' ')
    .map((w) => w[0])
    .join('')
    .slice(0, 4)
}

/** The helps while typing, each to be switched off. */
export function HelpsDialog({ onClose }: Props) {
  const [off, setOff] = useState(helpsOff)
  return (
    <Dialog
      open
      onClose={onClose}
      title="Typing helps"
      about="Each can be taken back at once by Backspace. Your choice is kept for you at every machine."
    >
      <ul className="grid gap-2">
        {(Object.keys(typingHelps) as Help[]).map((help) => (
          <li key={help}>
            <label className="flex gap-2">
              <input
                type="checkbox"
                checked={!off.has(help)}
                onChange={(e) => {
                  switchHelp(help, e.target.checked)
                  setOff(helpsOff())
                }}
              />
              {typingHelps[help]}
            </label>
          </li>
        ))}
      </ul>
    </Dialog>
  )
}

/** How long the item and the selection are, counted by the core. */
export function CountsDialog({ onClose }: Props) {
  const sheet = useSheet()
  const [texts] = useState(() => {
    const { selection } = sheet.state
    return { item: sheet.html(), selection: selection.empty ? '' : selectionHtml(sheet.state) }
  })
  const item = useLength(texts.item)
  const part = useLength(texts.selection)
  const rows: [string, (l: Length) => string][] = [
    ['Words', (l) => l.words.toLocaleString('en')],
    ['Characters', (l) => l.characters.toLocaleString('en')],
    ['Characters without spaces', (l) => l.charactersWithoutSpaces.toLocaleString('en')],
    ['Paragraphs', (l) => l.paragraphs.toLocaleString('en')],
    ['Reading time', (l) => time(l.readingSeconds)],
  ]
  return (
    <Dialog
      open
      onClose={onClose}
      title="Counts and reading time"
      about="Reading time is for silent reading, at 238 words a minute."
    >
      {item.isError && <p className="text-rust">{item.error.message}</p>}
      <table className="w-full text-left">
        <thead>
          <tr className="border-line border-b">
            <td />
            <th scope="col" className="py-1 text-right">
              Item
            </th>
            {texts.selection && (
              <th scope="col" className="py-1 text-right">
                Selection
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, tell]) => (
            <tr key={name} className="border-line border-b">
              <th scope="row" className="py-1 font-normal">
                {name}
              </th>
              <td className="py-1 text-right">{item.data ? tell(item.data) : '…'}</td>
              {texts.selection && <td className="py-1 text-right">{part.data ? tell(part.data) : '…'}</td>}
            </tr>
          ))}
        </tbody>
      </table>
    </Dialog>
  )
}

function useLength(body: string) {
  return useQuery({
    queryKey: ['length', body],
    queryFn: () => answer(client.POST('/editor/api/writing/length', { body: { body } })),
    enabled: !!body,
    gcTime: 0,
  })
}

function selectionHtml(state: EditorState): string {
  const { from, to } = state.selection
  const slice = state.doc.slice(from, to)
  if (slice.content.firstChild?.isInline) {
    const box = document.createElement('p')
    box.append(DOMSerializer.fromSchema(schema).serializeFragment(slice.content))
    return box.outerHTML
  }
  const doc = schema.nodes.doc.createAndFill(null, slice.content)
  return doc ? writeHtml(doc) : `<p>${state.doc.textBetween(from, to, ' ').replaceAll('<', '&lt;')}</p>`
}

function time(seconds: number): string {
  if (seconds < 60) return `${seconds} seconds`
  const minutes = Math.round(seconds / 60)
  return minutes === 1 ? '1 minute' : `${minutes} minutes`
}
