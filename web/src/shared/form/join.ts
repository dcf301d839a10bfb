/** A field that two people changed to different things. */
export interface Clash {
  /** The way to it, such as `said.title` or `topics.tides.name`. */
  field: string
  mine: unknown
  theirs: unknown
}

/** What a form holds after others changed what it began from. Where both changed a field, mine stays until it is settled. */
export interface Joined<T> {
  value: T
  clashes: Clash[]
}

/**
 * What tells the entries of a list apart, by the way to the list, with `*` for any entry of another list; a list without one
 * is changed as a whole.
 */
export type Lists = Record<string, (entry: never) => string>

type Fields = Record<string, unknown>

function isFields(value: unknown): value is Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value)
}

/** Whether two values say the same; a field that is missing says as much as one that is undefined. */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((v, i) => same(v, b[i]))
  if (!isFields(a) || !isFields(b)) return false
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].every((k) => same(a[k], b[k]))
}

/**
 * Joins what two people made of one state, field by field.
 *
 * @param base what both began from
 */
export function join<T>(base: T, mine: T, theirs: T, lists: Lists = {}): Joined<T> {
  const clashes: Clash[] = []
  return { value: joined(START, base, mine, theirs, lists, clashes) as T, clashes }
}

/** The way to a field, and to all fields like it. */
interface Way {
  way: string
  like: string
}

const START: Way = { way: '', like: '' }
const step = ({ way, like }: Way, to: string, entry: boolean): Way => ({
  way: way ? `${way}.${to}` : to,
  like: like ? `${like}.${entry ? '*' : to}` : to,
})

function joined(at: Way, base: unknown, mine: unknown, theirs: unknown, lists: Lists, clashes: Clash[]): unknown {
  if (same(mine, theirs) || same(base, theirs)) return mine
  if (same(base, mine)) return theirs
  if (isFields(base) && isFields(mine) && isFields(theirs)) {
    const names = new Set([...Object.keys(theirs), ...Object.keys(mine)])
    return Object.fromEntries(
      [...names].map((k) => [k, joined(step(at, k, false), base[k], mine[k], theirs[k], lists, clashes)]),
    )
  }
  const idOf = lists[at.like] as ((entry: unknown) => string) | undefined
  if (idOf && Array.isArray(base) && Array.isArray(mine) && Array.isArray(theirs)) {
    const made = joinedList(at, { base, mine, theirs }, idOf, lists, clashes)
    if (made) return made
  }
  clashes.push({ field: at.way, mine, theirs })
  return mine
}

/** Entry by entry; null where entries cannot be told apart, as those that have no name yet. */
function joinedList(
  list: Way,
  given: { base: unknown[]; mine: unknown[]; theirs: unknown[] },
  idOf: (entry: unknown) => string,
  lists: Lists,
  clashes: Clash[],
): unknown[] | null {
  const byId = (list: unknown[]) => new Map(list.map((e) => [idOf(e), e]))
  const [base, mine, theirs] = [byId(given.base), byId(given.mine), byId(given.theirs)]
  if (base.size < given.base.length || mine.size < given.mine.length || theirs.size < given.theirs.length) return null
  const out: unknown[] = []
  for (const id of orderOf([...base.keys()], [...mine.keys()], [...theirs.keys()])) {
    const [was, own, other] = [base.get(id), mine.get(id), theirs.get(id)]
    const at = step(list, id, true)
    if (own !== undefined && other !== undefined) out.push(joined(at, was, own, other, lists, clashes))
    else if (own !== undefined && (was === undefined || !same(was, own))) {
      // What one took away and the other changed stays, and both are told.
      if (was !== undefined) clashes.push({ field: at.way, mine: own, theirs: undefined })
      out.push(own)
    } else if (other !== undefined && (was === undefined || !same(was, other))) {
      if (was !== undefined) clashes.push({ field: at.way, mine: undefined, theirs: other })
      out.push(other)
    }
  }
  return out
}

/** The order of whoever changed it, mine where both did; what the other added comes behind what it stood behind. */
function orderOf(base: string[], mine: string[], theirs: string[]): string[] {
  const common = (list: string[], other: string[]) => list.filter((id) => other.includes(id))
  const unmoved = same(common(mine, base), common(base, mine))
  const [lead, follow] = unmoved ? [theirs, mine] : [mine, theirs]
  const out = [...lead]
  follow.forEach((id, i) => {
    if (out.includes(id)) return
    const behind = follow
      .slice(0, i)
      .reverse()
      .find((before) => out.includes(before))
    out.splice(behind === undefined ? 0 : out.indexOf(behind) + 1, 0, id)
  })
  return out
}

/** The form’s value with a clash settled: the field is theirs, or an entry that they took away is away. */
export function settled<T>(value: T, clash: Clash, to: 'mine' | 'theirs', lists: Lists = {}): T {
  const chosen = clash[to]
  return put(START, value, clash.field, chosen, lists) as T
}

function put(at: Way, value: unknown, field: string, chosen: unknown, lists: Lists): unknown {
  if (at.way === field) return chosen
  const leads = ({ way }: Way) => way === field || field.startsWith(`${way}.`)
  if (Array.isArray(value)) {
    const idOf = lists[at.like] as ((entry: unknown) => string) | undefined
    if (!idOf) return value
    return value
      .map((e) => {
        const next = step(at, idOf(e), true)
        return leads(next) ? put(next, e, field, chosen, lists) : e
      })
      .filter((e) => e !== undefined)
  }
  if (!isFields(value)) return value
  return Object.fromEntries(
    Object.entries(value).map(([k, v]) => {
      const next = step(at, k, false)
      return [k, leads(next) ? put(next, v, field, chosen, lists) : v]
    }),
  )
}
