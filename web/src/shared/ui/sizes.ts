import type { Asset } from '../api/types'

/** How large a file is, as people say it. */
export function sizeOf(bytes: number): string {
  if (bytes < 1_000_000) return `${Math.max(1, Math.round(bytes / 1000))} kB`
  if (bytes < 1_000_000_000) return `${(bytes / 1_000_000).toFixed(1)} MB`
  return `${(bytes / 1_000_000_000).toFixed(1)} GB`
}

/** How long something plays, as players tell it. */
export function playsFor(seconds: number): string {
  const whole = Math.round(seconds)
  const two = (n: number) => String(n).padStart(2, '0')
  const hours = Math.floor(whole / 3600)
  const rest = `${hours ? two(Math.floor(whole / 60) % 60) : Math.floor(whole / 60)}:${two(whole % 60)}`
  return hours ? `${hours}:${rest}` : rest
}

/** What kind of file an asset is and how large, in a few words. */
export function factsOf(asset: Asset): string {
  return [
    asset.name.slice(asset.name.lastIndexOf('.') + 1).toUpperCase(),
    asset.width ? `${asset.width} × ${asset.height} pixels` : '',
    asset.plays ? playsFor(asset.plays) : '',
    asset.pages ? (asset.pages === 1 ? '1 page' : `${asset.pages} pages`) : '',
    sizeOf(asset.bytes),
  ]
    .filter(Boolean)
    .join(', ')
}

/** In how many items and other places something stands. */
export function itemsOf(count: number): string {
  if (!count) return 'used nowhere'
  return count === 1 ? 'used in 1 place' : `used in ${count} places`
}
