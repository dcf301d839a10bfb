import { resetOwn, setOwn, useOwn } from '../shared/store/own'
import { Button } from '../shared/ui/Button'
import { Select } from '../shared/ui/Field'

/** The sizes of text on the sheet, beside that of the page. */
const sizes: [string, string][] = [
  ['0.9', 'A little smaller'],
  ['1', 'As on the page'],
  ['1.15', 'A little larger'],
  ['1.35', 'Large'],
  ['1.6', 'Very large'],
]

const looks: [string, string][] = [
  ['light', 'Light'],
  ['dark', 'Dark'],
  ['system', 'As the machine has it'],
]

const dates: [string, string][] = [
  ['en-GB', '27 Nov 2026'],
  ['en-US', 'Nov 27, 2026'],
  ['de', '27. Nov. 2026'],
  ['fr', '27 nov. 2026'],
  ['nl', '27 nov 2026'],
  ['sv', '27 nov. 2026'],
]

interface ChoiceProps {
  name: string
  label: string
  hint?: string
  choices: [string, string][]
  usual: string
}

function Choice({ name, label, hint, choices, usual }: ChoiceProps) {
  const value = String(useOwn<unknown>(name, usual))
  return (
    <Select
      label={label}
      hint={hint}
      value={value}
      onChange={(e) => setOwn(name, e.target.value === usual ? undefined : e.target.value)}
    >
      {choices.map(([v, words]) => (
        <option key={v} value={v}>
          {words}
        </option>
      ))}
    </Select>
  )
}

function Switch({ name, label }: { name: string; label: string }) {
  const on = useOwn(name, false)
  return (
    <label className="flex items-baseline gap-2">
      <input type="checkbox" checked={on} onChange={(e) => setOwn(name, e.target.checked || undefined)} />
      {label}
    </label>
  )
}

/** How the editor is set up for this person alone, at every machine. */
export function ForMe() {
  return (
    <section aria-label="For you" className="grid gap-4">
      <h2 className="font-semibold font-serif text-large">For you</h2>
      <p className="text-soft">
        Yours alone, at every machine you sign in at. Keys are changed on the bench, under View, “Shortcuts”; cards with
        “Arrange the cards”; what happens while you type under View, “Typing helps”.
      </p>
      <Choice name="look" label="Look of the editor" choices={looks} usual="light" />
      <Choice
        name="sheet-size"
        label="Text on the sheet"
        hint="Readers see the page as it is."
        choices={sizes}
        usual="1"
      />
      <Choice name="date-language" label="Days are written as" choices={dates} usual="en-GB" />
      <Switch name="still" label="Nothing moves, whatever the machine says" />
      <Switch name="paste-text-only" label="Paste text only, always" />
      <Switch name="few-tools" label="Few tools above the sheet" />
      <p className="text-soft">The columns of the worklist are chosen at its foot.</p>
      <div>
        <Button onClick={() => resetOwn()}>Set everything back</Button>
      </div>
    </section>
  )
}
