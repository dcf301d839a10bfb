import { type KeyboardEvent, useState } from 'react'
import { useOwn } from '../../shared/store/own'
import { Button, TextButton } from '../../shared/ui/Button'
import { Dialog } from '../../shared/ui/Dialog'
import { Input } from '../../shared/ui/Field'
import { chooseKey, chosenKeys, holderOf, keysNow, pressed, problemOf, resetKeys } from '../tools/ownKeys'
import { told, tools } from '../tools/registry'
import { groups, type Tool } from '../tools/tool'

interface Row {
  group: string
  name: string
  keys: string[]
  tool?: Tool
}

/** Every key, from the real bindings; those of tools can be changed. */
export function ShortcutsDialog({ onClose }: { onClose: () => void }) {
  const [words, setWords] = useState('')
  const [changing, setChanging] = useState('')
  // Drawn again when a key changes.
  useOwn('keys', null)
  const wanted = words.trim().toLowerCase()
  const fits = (text: string) => text.toLowerCase().includes(wanted)
  const rows: Row[] = [
    ...tools.map((tool) => ({ group: groups[tool.group] as string, name: tool.name, keys: keysNow(tool), tool })),
    ...others,
  ]
    .map((r) => ({ ...r, keys: r.keys.map(told) }))
    // Without a word those that have a key; one that is looked for can be given its first.
    .filter((r) => (wanted || r.keys.length) && (fits(r.name) || r.keys.some(fits) || fits(r.group)))
  const names = [...new Set(rows.map((r) => r.group))]
  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title="Shortcuts"
      about="Press a key here to give its tool another. Every tool is also in the find-anything field."
    >
      <div className="flex items-end gap-3">
        <div className="flex-1">
          <Input label="Look for" value={words} onChange={(e) => setWords(e.target.value)} autoFocus />
        </div>
        <Button look="quiet" onClick={() => resetKeys()} disabled={!Object.keys(chosenKeys()).length}>
          Set all keys back
        </Button>
      </div>
      <div className="mt-4 columns-1 gap-8 sm:columns-2 lg:columns-3">
        {names.map((group) => (
          <section key={group} className="mb-4 break-inside-avoid">
            <h3 className="font-semibold">{group}</h3>
            <ul>
              {rows
                .filter((r) => r.group === group)
                .map((r) => (
                  <li key={r.name} className="border-line border-b py-0.5">
                    {r.tool && changing === r.tool.id ? (
                      <Capture tool={r.tool} done={() => setChanging('')} />
                    ) : (
                      <Line row={r} change={setChanging} />
                    )}
                  </li>
                ))}
            </ul>
          </section>
        ))}
        {!rows.length && <p className="text-soft">No key does “{words}”.</p>}
      </div>
    </Dialog>
  )
}

function Line({ row, change }: { row: Row; change: (id: string) => void }) {
  const { tool, keys } = row
  const shown = keys.join(' or ') || 'no key'
  return (
    <div className="flex justify-between gap-3">
      <span>{row.name}</span>
      {tool ? (
        <button
          type="button"
          aria-label={`${row.name}: ${shown}. Change`}
          title="Change"
          onClick={() => change(tool.id)}
          className="shrink-0 rounded-3 text-soft hover:text-ink hover:underline"
        >
          {tool.id in chosenKeys() && <span aria-hidden>• </span>}
          {shown}
        </button>
      ) : (
        <span className="shrink-0 text-soft">{shown}</span>
      )}
    </div>
  )
}

/** Waits for the keys a tool shall have, and says whose they are. */
function Capture({ tool, done }: { tool: Tool; done: () => void }) {
  const [key, setKey] = useState('')
  const problem = key && problemOf(key)
  const holder = key ? holderOf(key) : undefined
  const clash = holder && holder.id !== tool.id ? holder.name : ''

  function onKey(e: KeyboardEvent) {
    const is = pressed(e.nativeEvent)
    // Escape and Tab go on through the dialog; without a modifier they are nobody’s.
    if (e.key === 'Tab' || (e.key === 'Enter' && key)) return
    e.preventDefault()
    e.stopPropagation()
    if (e.key === 'Escape') return done()
    if (is) setKey(is)
  }

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the button in it has the keyboard
    <div className="grid gap-1 py-1" onKeyDown={onKey}>
      <span className="font-semibold">{tool.name}</span>
      <button
        type="button"
        // biome-ignore lint/a11y/noAutofocus: somebody asked for it to press a key
        autoFocus
        aria-label={`New key of ${tool.name}`}
        className="h-8 rounded-3 border border-edge bg-sheet px-2 text-left"
      >
        {key ? told(key) : 'Press the new keys; Escape leaves'}
      </button>
      <p role="status" className="text-rust">
        {problem || (clash && `“${clash}” has this key, and will lose it.`)}
      </p>
      <p className="flex gap-3">
        {key && !problem && (
          <TextButton
            onClick={() => {
              chooseKey(tool, key)
              done()
            }}
          >
            {clash ? 'Take it' : 'Use it'}
          </TextButton>
        )}
        <TextButton
          onClick={() => {
            chooseKey(tool, '')
            done()
          }}
        >
          No key
        </TextButton>
        {tool.id in chosenKeys() && (
          <TextButton
            onClick={() => {
              resetKeys(tool)
              done()
            }}
          >
            Set back
          </TextButton>
        )}
        <TextButton onClick={done}>Leave</TextButton>
      </p>
    </div>
  )
}

/** Keys that belong to no tool. */
const others = [
  { group: 'Insert', name: 'Insert list, on an empty line', keys: ['/'] },
  { group: 'Structure', name: 'New line in the same paragraph', keys: ['Shift-Enter'] },
  { group: 'Structure', name: 'Settings of the picked block', keys: ['Enter'] },
  { group: 'Table', name: 'Next cell, and a new row behind the last', keys: ['Tab'] },
  { group: 'Table', name: 'Cell before', keys: ['Shift-Tab'] },
  { group: 'Bench', name: 'Next part of the bench', keys: ['F6'] },
  { group: 'Bench', name: 'Part of the bench before', keys: ['Shift-F6'] },
  { group: 'Bench', name: 'Save at once', keys: ['Mod-s'] },
  { group: 'Bench', name: 'Find anything or run a command', keys: ['Mod-.'] },
  { group: 'Tidy', name: 'Take a typing help back', keys: ['Backspace'] },
]
