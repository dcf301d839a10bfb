import { Command } from 'cmdk'
import { useLayoutEffect, useRef, useState, useSyncExternalStore } from 'react'
import { useSnippets } from '../../shared/api/queries'
import type { OfferedField, Outline } from '../../shared/api/types'
import { keep, readKept } from '../../shared/base/kept'
import { cx } from '../../shared/ui/cx'
import { Sign } from '../../shared/ui/Sign'
import { usePicked } from '../../shared/ui/usePicked'
import { kinds } from '../blocks/kinds'
import { families } from '../blocks/spec'
import { putField } from '../commands/mergeField'
import { useSheet } from '../state/context'
import type { Sheet } from '../state/Sheet'
import { runTool } from '../strip/useTool'
import { keyNow } from '../tools/ownKeys'
import { told, tools } from '../tools/registry'
import { canUse, isOffered } from '../tools/tool'
import { type Entry, fitting } from './fitting'

// A page has one title, and it stands above the text; a heading of its level is seldom wanted.
const every = tools
  .filter((t): t is Entry => !!t.insert)
  .sort((a, b) => Number(a.id === 'heading-1') - Number(b.id === 'heading-1'))

const KEPT = 'blenner.used-inserts'
const LATELY = 3

/** What was put in lately by somebody in this browser, the latest first. */
function usedLately(): string[] {
  const kept = readKept<unknown>(KEPT, [])
  return Array.isArray(kept) ? kept.filter((id) => typeof id === 'string') : []
}

/** A snippet as a tool that puts it in. */
function asTool(snippet: Outline, sheet: Sheet): Entry {
  return {
    id: `snippet:${snippet.id}`,
    name: snippet.name,
    group: 'insert',
    words: `snippet ${snippet.shelf}`,
    insert: { family: 'text', about: snippet.about || snippet.shelf || 'Snippet', sign: kinds.fold.sign },
    command: (_, dispatch) => {
      if (dispatch) sheet.putIn(snippet)
      return true
    },
  }
}

/** A snippet as a tool that links it; one with gaps can only be filled in a copy. */
function asLink(snippet: Outline, sheet: Sheet): Entry[] {
  if (snippet.lines.some((l) => l.prompt)) return []
  return [
    {
      id: `link:${snippet.id}`,
      name: `${snippet.name}, linked`,
      group: 'insert',
      words: `snippet ${snippet.shelf}`,
      insert: { family: 'text', about: 'Changes wherever it stands', sign: kinds.linked_piece.sign },
      command: (_, dispatch) => {
        if (dispatch) sheet.linkTo(snippet.key)
        return true
      },
    },
  ]
}

/** A merge field as a tool that puts it in. */
function asField(field: OfferedField): Entry {
  return {
    id: `field:${field.name}`,
    name: field.label,
    group: 'insert',
    words: `${field.name} merge field`,
    insert: { family: 'site', about: field.value ? `Now: ${field.value}` : 'Merge field', sign: kinds.prompt.sign },
    command: putField(field),
  }
}

/**
 * What can be put in, to be looked for by a few letters, at the line where the cursor stands. What is typed after a slash
 * stays a text unless something is chosen.
 */
export function InsertList({ typed, onClose }: { typed: boolean; onClose: () => void }) {
  const sheet = useSheet()
  const [words, setWords] = useState('')
  const [lately] = useState(usedLately)
  const [at, setAt] = useState<{ top: number; left: number } | null>(null)
  const box = useRef<HTMLElement>(null)
  const letters = words.trim().toLowerCase()
  const entries = every.filter((t) => isOffered(t, sheet.state))
  const pieces = useSnippets(sheet.itemKind)
  const snippets = (pieces.data ?? []).flatMap((s): Entry[] => [asTool(s, sheet), ...asLink(s, sheet)])
  const fields = useSyncExternalStore(
    (listener) => sheet.followFields(listener),
    () => sheet.mergeFields,
  )
  const offeredFields = entries.some((t) => t.id === 'merge-field') ? (fields ?? []).map(asField) : []
  const groups: [name: string, entries: Entry[]][] = letters
    ? [['What fits', fitting([...entries, ...snippets, ...offeredFields], letters, lately)]]
    : [
        ['Used lately', lately.flatMap((id) => entries.find((t) => t.id === id) ?? []).slice(0, LATELY)],
        ...Object.entries(families).map(([family, name]): [string, Entry[]] => [
          name,
          entries.filter((t) => t.insert.family === family && !lately.slice(0, LATELY).includes(t.id)),
        ]),
      ]
  if (snippets.length && !letters) groups.push(['Snippets', snippets])
  const found = groups.filter(([, list]) => list.length)
  const takes = (t: Entry) => canUse(t, sheet.state) || !!t.on?.(sheet.state)
  const picked = usePicked(found.flatMap(([, list]) => list.filter(takes).map((t) => t.id)))

  useLayoutEffect(() => {
    const frame = box.current?.parentElement?.getBoundingClientRect()
    const view = sheet.view
    if (!frame || !view) return
    const line = view.coordsAtPos(view.state.selection.from)
    setAt({ top: line.bottom - frame.top + 4, left: Math.max(8, Math.min(line.left - frame.left, frame.width - 370)) })
  }, [sheet])

  useLayoutEffect(() => {
    if (at) box.current?.scrollIntoView({ block: 'nearest' })
  }, [at])

  const left = useRef(false)

  function leave(text = '', stays = false) {
    // The list loses the keyboard as it closes; what was typed goes into the text once.
    if (left.current) return
    left.current = true
    onClose()
    if (!stays) sheet.focus()
    if (!text) return
    sheet.run((state, dispatch) => {
      dispatch?.(state.tr.insertText(text))
      return true
    })
  }

  /** What stays of it where nothing is chosen. */
  const asTyped = typed && words ? `/${words}` : ''

  function put(t: Entry) {
    // What the line is already needs no more than to go back to it.
    if (!canUse(t, sheet.state)) return t.on?.(sheet.state) ? leave() : undefined
    keep(KEPT, [t.id, ...lately.filter((id) => id !== t.id)].slice(0, 12))
    leave()
    runTool(sheet, t)
  }

  return (
    <section
      ref={box}
      aria-label="Insert list"
      data-takes-keyboard
      style={at ?? undefined}
      className="absolute z-30 w-90 scroll-my-4 rounded-3 border border-edge bg-sheet p-2 text-plain"
      onBlur={(e) => {
        if (!e.currentTarget.contains(e.relatedTarget)) leave(asTyped, true)
      }}
    >
      <Command
        label="Insert list"
        shouldFilter={false}
        loop
        {...picked}
        onKeyDown={(e) => {
          if (e.key === 'Escape') {
            e.preventDefault()
            e.stopPropagation()
            leave(asTyped)
          }
          if (e.key === 'Tab') {
            e.preventDefault()
            leave(asTyped)
          }
          if (!words && (e.key === '/' || e.key === 'Backspace' || e.key === ' ')) {
            e.preventDefault()
            leave(e.key === 'Backspace' ? '' : e.key === '/' ? '/' : '/ ')
          }
          // What fits nothing was no search: it is put into the text as it was typed.
          if (e.key === 'Enter' && words && !found.length) {
            e.preventDefault()
            leave(words)
          }
        }}
      >
        <Command.Input
          autoFocus
          value={words}
          onValueChange={setWords}
          placeholder="What shall go in? Escape goes back"
          className="h-8 w-full rounded-3 border border-edge bg-sheet px-2.5 placeholder:text-soft"
        />
        <Command.List className="mt-2 max-h-72 overflow-auto" aria-label="What can be put in">
          {!found.length && <p className="px-2 py-1 text-soft">Nothing fits “{words}”. Enter keeps it as text.</p>}
          {found.map(([name, list]) => (
            <Command.Group
              key={name}
              heading={name}
              className="[&>[cmdk-group-heading]]:px-2 [&>[cmdk-group-heading]]:pt-1.5 [&>[cmdk-group-heading]]:text-small [&>[cmdk-group-heading]]:text-soft"
            >
              {list.map((t) => {
                const can = canUse(t, sheet.state)
                return (
                  <Command.Item
                    key={t.id}
                    value={t.id}
                    disabled={!takes(t)}
                    aria-label={t.name}
                    aria-description={t.insert.about}
                    onSelect={() => put(t)}
                    className={cx(
                      'flex items-center gap-2.5 rounded-3 px-2 py-1 data-[selected=true]:bg-desk',
                      can ? 'cursor-pointer' : 'text-soft',
                    )}
                  >
                    <Sign lines={t.insert.sign} />
                    <span className="shrink-0">{t.name}</span>
                    <span className="min-w-0 flex-1 truncate text-small text-soft">{t.insert.about}</span>
                    <kbd className="shrink-0 font-sans text-small text-soft">{keyNow(t) && told(keyNow(t))}</kbd>
                  </Command.Item>
                )
              })}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </section>
  )
}
