import { setOwn, useOwn } from '../shared/store/own'

/** What a row of the worklist can show besides the stage and the title. */
const columns = {
  place: 'Kind and section',
  next: 'Next step',
  expiring: 'What expires',
  author: 'Author',
  changed: 'When it changed',
} as const

export type Column = keyof typeof columns

const KEPT = 'worklist-hidden'

/** Which columns somebody sees, wherever they sign in. */
export function useColumns(): (column: Column) => boolean {
  const hidden = useOwn<unknown>(KEPT, [])
  return (column) => !Array.isArray(hidden) || !hidden.includes(column)
}

/** The columns, to be shown and hidden; yours alone. */
export function ColumnChoice() {
  const shows = useColumns()
  const all = Object.keys(columns) as Column[]
  function set(column: Column, on: boolean) {
    const hidden = all.filter((c) => (c === column ? !on : !shows(c)))
    setOwn(KEPT, hidden.length ? hidden : undefined)
  }
  return (
    <fieldset className="flex flex-wrap gap-x-4 gap-y-1">
      <legend className="mb-1 font-semibold">A row of the worklist shows</legend>
      {all.map((column) => (
        <label key={column} className="flex items-center gap-1.5">
          <input type="checkbox" checked={shows(column)} onChange={(e) => set(column, e.target.checked)} />
          {columns[column]}
        </label>
      ))}
    </fieldset>
  )
}
