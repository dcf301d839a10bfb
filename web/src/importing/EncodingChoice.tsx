import type { Imported } from '../shared/api/types'

interface Props {
  read: Imported['encoding']
  /** Reads the file once more, in another encoding. */
  readAs: (encoding: string) => void
}

/** The encoding a file was read in, and others it could be in, each with the first lines as they would read. */
export function EncodingChoice({ read, readAs }: Props) {
  const all = [{ name: read.name, lines: '' }, ...read.others]
  return (
    <fieldset className="grid gap-1.5">
      <legend className="mb-1 font-semibold">
        The file does not say how its letters are written. It was read as {read.name}.
      </legend>
      {all.map((one, i) => (
        <label key={one.name} className="flex items-start gap-2">
          <input
            type="radio"
            name="encoding"
            className="mt-1"
            checked={i === 0}
            onChange={() => readAs(one.name)}
            aria-label={one.name}
          />
          <span className="min-w-0">
            <b>{one.name}</b>
            {i === 0 ? ' – as shown below' : ''}
            {one.lines && <span className="block whitespace-pre-line break-words text-soft">{one.lines}</span>}
          </span>
        </label>
      ))}
    </fieldset>
  )
}
