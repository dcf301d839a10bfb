/** A list with one of its things at another place. */
export function moved<T>(list: T[], from: number, to: number): T[] {
  const next = [...list]
  const [one] = next.splice(from, 1)
  if (one !== undefined) next.splice(to, 0, one)
  return next
}

/** A list with one of its things before another of them, or at the end. */
export function movedBefore<T>(list: T[], one: T, before: T | null): T[] {
  const rest = list.filter((other) => other !== one)
  const at = before === null ? rest.length : rest.indexOf(before)
  return at < 0 ? list : [...rest.slice(0, at), one, ...rest.slice(at)]
}
