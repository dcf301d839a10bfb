/** A moment as captions write it: minutes, seconds and thousandths, with hours where there are some. */
export function timeOf(millis: number): string {
  const two = (n: number) => String(n).padStart(2, '0')
  const hours = Math.floor(millis / 3_600_000)
  const rest = `${two(Math.floor(millis / 60_000) % 60)}:${two(Math.floor(millis / 1000) % 60)}.${String(millis % 1000).padStart(3, '0')}`
  return hours ? `${two(hours)}:${rest}` : rest
}

/** The milliseconds that somebody typed, with fewer digits too; nothing where it is no time. */
export function momentOf(typed: string): number | null {
  const found = /^\s*(?:(\d+):)?([0-5]?\d):([0-5]?\d)(?:[.,](\d{1,3}))?\s*$/.exec(typed)
  if (!found) return null
  const [, hours = '0', minutes = '0', seconds = '0', part = ''] = found
  return (Number(hours) * 3600 + Number(minutes) * 60 + Number(seconds)) * 1000 + Number(part.padEnd(3, '0'))
}
