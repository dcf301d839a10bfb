/** A list with one of its things at another place. */
export function moved<T>(list: T[], from: number, to: number): T[] {
  const next = [...list]
  const [one] = next.splice(from, 1)
  if (one !== undefined) next.splice(to, 0, one)
  return next
}
