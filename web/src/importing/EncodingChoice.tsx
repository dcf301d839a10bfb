import { useState } from 'react'
import type { Imported } from '../shared/api/types'

interface Props {
  read: Imported['encoding']
  /** The one that is chosen; empty where nobody has. */
  chosen: string
  /** Reads the file once more, in another encoding. */
  readAs: (encoding: string) => void
}

/** The encodings a file could be in, each with the first lines as they would read. They keep their order. */
export function EncodingChoice({ read, chosen, readAs }: Props) {
  const [first] = useState(read)
  const now = chosen || read.name
  return (
    <fieldset className="grid gap-1.5">
      <legend className="mb-1 font-semibold">
        The file does not say how its letters are written. It was read as {read.name}.
      </legend>
      {[first.name, ...first.others.map((o) => o.name)].map((name) => {
        const lines = read.others.find((o) => o.name === name)?.lines
        return (
          <label key={name} className="flex items-start gap-2">
            <input
              type="radio"
              name="encoding"
              className="mt-1"
              checked={name === now}
              onChange={() => readAs(name)}
              aria-label={name}
            />
            <span className="min-w-0">
              <b>{name}</b>
              {name === read.name ? ' – as shown' : ''}
              {lines && <span className="block whitespace-pre-line break-words text-soft">{lines}</span>}
            </span>
          </label>
        )
      })}
    </fieldset>
  )
}
