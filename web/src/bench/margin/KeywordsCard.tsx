import { useState } from 'react'
import { Input } from '../../shared/ui/Field'
import { useBench, useSaved } from '../state/context'

/** What parts keywords: the commas and semicolons of Latin, Arabic and East Asian writing, as in the core. */
const PARTS = /[,;،؛、，；]/

/** Free words. A comma or Enter ends one; each can be taken off again. */
export function KeywordsCard() {
  const { saver } = useBench()
  const [typed, setTyped] = useState('')
  const keywords = useSaved((now) => now.fields.keywords)

  function add(text: string) {
    const words = text
      .split(PARTS)
      .map((w) => w.trim())
      .filter(Boolean)
    const next = [...keywords]
    for (const w of words) if (!next.some((k) => k.toLowerCase() === w.toLowerCase())) next.push(w)
    if (next.length > keywords.length) saver.change({ keywords: next })
    setTyped('')
  }

  return (
    <div className="grid gap-2">
      {keywords.length > 0 && (
        <ul aria-label="Keywords" className="flex flex-wrap gap-1.5">
          {keywords.map((k) => (
            <li key={k} className="flex h-6 max-w-full items-center rounded-3 border border-edge bg-sheet pl-2">
              <span className="truncate">{k}</span>
              <button
                type="button"
                aria-label={`Take off ${k}`}
                onClick={() => saver.change({ keywords: keywords.filter((other) => other !== k) })}
                className="px-1.5 text-soft hover:text-ink"
              >
                ×
              </button>
            </li>
          ))}
        </ul>
      )}
      <Input
        label="Add keywords"
        hint="Separate them with commas or semicolons."
        value={typed}
        maxLength={200}
        onChange={(e) => (PARTS.test(e.target.value) ? add(e.target.value) : setTyped(e.target.value))}
        onKeyDown={(e) => {
          if (e.key === 'Enter') {
            e.preventDefault()
            add(typed)
          } else if (e.key === 'Backspace' && !typed && keywords.length) {
            saver.change({ keywords: keywords.slice(0, -1) })
          }
        }}
        onBlur={() => typed.trim() && add(typed)}
      />
    </div>
  )
}
