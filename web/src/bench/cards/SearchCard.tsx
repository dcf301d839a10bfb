import { useId } from 'react'
import { useStandardFields } from '../../shared/api/kinds'
import { cx } from '../../shared/ui/cx'
import { Input } from '../../shared/ui/Field'
import { useFieldProblem, useFieldValue } from '../own/OneField'
import { pairs, text } from '../own/props'
import { useSaved } from '../state/context'
import { FaceFrame } from './FaceFrame'
import { Standard } from './Standard'

/** What search engines are told of the item, and show of it. */
export function SearchCard() {
  const faces = useSaved((now) => now.state.faces)
  return (
    <>
      <div className="grid gap-1">
        <Standard name="search.title" fallback={faces.searchTitle} />
        <Room is={faces.searchTitleWidth} room={faces.searchTitleRoom} unit="pixels" />
      </div>
      <div className="grid gap-1">
        <Standard name="search.description" fallback={faces.searchDescription} />
        <Room is={faces.searchDescriptionLength} room={faces.searchDescriptionRoom} unit="characters" />
      </div>
      <FaceFrame face="search" width={620} />
      <Canonical />
      <Hidden />
    </>
  )
}

/** How much of the room something takes that others give it. */
function Room({ is, room, unit }: { is: number; room: number; unit: string }) {
  const over = is - room
  return (
    <div className="grid gap-0.5 text-small">
      <span aria-hidden className="h-1 bg-line">
        <span
          className={cx('block h-full', over > 0 ? 'bg-pencil' : 'bg-moss')}
          style={{ width: `${Math.min(100, (100 * is) / room)}%` }}
        />
      </span>
      <span className={over > 0 ? 'text-pencil' : 'text-soft'}>
        {over > 0 && '◇ '}
        {is} of {room} {unit}
        {over > 0 && `: the last ${over} are cut off`}
      </span>
    </div>
  )
}

/** The address of the original. */
function Canonical() {
  const name = 'search.canonical'
  const field = useStandardFields()[name]
  const [value, set] = useFieldValue(name)
  const problem = useFieldProblem(name)
  return (
    <Input
      label={field?.label ?? ''}
      hint={field?.help}
      problem={problem}
      placeholder="https://"
      value={pairs(value).address ?? ''}
      onChange={(e) => set(e.target.value.trim() ? { address: e.target.value.trim() } : undefined)}
    />
  )
}

/** Whether search engines are asked to leave it out. */
function Hidden() {
  const name = 'search.hidden'
  const field = useStandardFields()[name]
  const [value, set] = useFieldValue(name)
  const id = useId()
  return (
    <div className="grid grid-cols-[auto_1fr] gap-x-2">
      <input
        id={id}
        type="checkbox"
        aria-describedby={`${id}-help`}
        checked={text(value) === 'true'}
        onChange={(e) => set(e.target.checked ? true : undefined)}
      />
      <label htmlFor={id} className="font-semibold">
        {field?.label}
      </label>
      <p id={`${id}-help`} className="col-start-2 text-small text-soft">
        {field?.help}
      </p>
    </div>
  )
}
