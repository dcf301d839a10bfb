/** How large a file is, as people say it. */
export function sizeOf(bytes: number): string {
  if (bytes < 1_000_000) return `${Math.max(1, Math.round(bytes / 1000))} kB`
  if (bytes < 1_000_000_000) return `${(bytes / 1_000_000).toFixed(1)} MB`
  return `${(bytes / 1_000_000_000).toFixed(1)} GB`
}

/** In how many items something stands. */
export function itemsOf(count: number): string {
  if (!count) return 'used in no item'
  return count === 1 ? 'used in 1 item' : `used in ${count} items`
}
