import type { Imported, OfferKind, PasteMode } from '../shared/api/types'
import { asShown, offerWords } from '../sheet'
import { EncodingChoice } from './EncodingChoice'
import type { Choice } from './reading'

interface Props {
  read: Imported
  choice: Choice
  /** Reads it once more, with another choice. */
  again: (choice: Choice) => void
}

const ways: { mode: PasteMode; name: string }[] = [
  { mode: 'JOINED', name: 'Lines are joined into paragraphs' },
  { mode: 'PARAGRAPHS', name: 'Each line is a paragraph' },
]

/** What a reading leaves open, to be decided before the text is brought in, beside the text as it was read. */
export function Review({ read, choice, again }: Props) {
  const { taken } = choice
  const toggle = (kind: OfferKind, on: boolean) =>
    again({ ...choice, taken: on ? [...taken, kind] : taken.filter((k) => k !== kind) })
  return (
    <div className="grid gap-4 lg:grid-cols-2">
      <div className="grid content-start gap-4">
        {(read.encoding.others.length > 0 || choice.encoding) && (
          <EncodingChoice
            read={read.encoding}
            chosen={choice.encoding}
            readAs={(encoding) => again({ ...choice, encoding })}
          />
        )}
        {read.result.other !== read.result.mode && (
          <fieldset className="grid gap-1">
            <legend className="mb-1 font-semibold">How its lines are taken</legend>
            {ways.map(({ mode, name }) => (
              <label key={mode} className="flex items-center gap-2">
                <input
                  type="radio"
                  name="lines"
                  checked={mode === (choice.mode === 'CLEAN' ? read.result.mode : choice.mode)}
                  onChange={() => again({ ...choice, mode })}
                />
                {name}
              </label>
            ))}
          </fieldset>
        )}
        {read.result.offers.map(({ kind, lines }) => {
          const say = offerWords[kind](lines.length)
          return (
            <fieldset key={kind} className="grid gap-1">
              <legend className="mb-1 font-semibold">{say.open}</legend>
              <label className="flex items-center gap-2">
                <input
                  type="checkbox"
                  checked={taken.includes(kind)}
                  onChange={(e) => toggle(kind, e.target.checked)}
                />
                <span>{say.take[0].toUpperCase() + say.take.slice(1)}</span>
              </label>
              <ul className="max-h-24 list-disc overflow-auto pl-8 text-soft" tabIndex={-1}>
                {lines.map((l, i) => (
                  <li key={i} dir="auto" className="break-words">
                    {l.words}
                  </li>
                ))}
              </ul>
            </fieldset>
          )
        })}
      </div>
      <section
        aria-label="The text as it was read"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keyboard
        tabIndex={0}
        className="max-h-[50vh] overflow-auto rounded-3 border border-line bg-sheet p-3"
      >
        <div className="article" dangerouslySetInnerHTML={{ __html: asShown(read.result.body) }} />
      </section>
    </div>
  )
}
