import type { AssetEdit } from '../shared/api/types'

/** The part of a picture that is shown, in shares of the turned picture. */
export type Part = Pick<AssetEdit, 'left' | 'top' | 'width' | 'height'>

export const WHOLE: Part = { left: 0, top: 0, width: 1, height: 1 }

/** The smallest part, as a share of a side. */
const LEAST = 0.02

/** A picture as it came, at a size in pixels, standing on its side where it is turned so. */
export function turnedSize(width: number, height: number, quarters: number): [number, number] {
  return quarters % 2 ? [height, width] : [width, height]
}

/** The edit with the picture turned clockwise by so many quarters more; the part shown turns with it. */
export function turn(edit: AssetEdit, by: 1 | 2 | 3): AssetEdit {
  let next = edit
  for (let i = 0; i < by; i++) {
    const { left, top, width, height, focusX, focusY } = next
    next = {
      ...next,
      quarters: (next.quarters + 1) % 4,
      left: 1 - top - height,
      top: left,
      width: height,
      height: width,
      focusX: 1 - focusY,
      focusY: focusX,
    }
  }
  return next
}

/** The edit with left and right swapped, as one sees it now. */
export function flip(edit: AssetEdit): AssetEdit {
  return {
    ...edit,
    quarters: (4 - edit.quarters) % 4,
    mirrored: !edit.mirrored,
    left: 1 - edit.left - edit.width,
    focusX: 1 - edit.focusX,
  }
}

/** A part that stands inside the picture, and has a shape where one is asked for. */
export function settled(part: Part, size: [number, number], ratio: number | null): Part {
  let width = within(part.width, LEAST, 1)
  let height = within(part.height, LEAST, 1)
  if (ratio) {
    height = (width * size[0]) / ratio / size[1]
    if (height > 1) {
      height = 1
      width = (size[1] * ratio) / size[0]
    }
  }
  return { left: within(part.left, 0, 1 - width), top: within(part.top, 0, 1 - height), width, height }
}

/** A part whose corner was dragged by shares of the picture; the corner across from it stays. */
export function resized(part: Part, corner: 'nw' | 'ne' | 'sw' | 'se', dx: number, dy: number): Part {
  const west = corner.endsWith('w')
  const north = corner.startsWith('n')
  const width = Math.max(
    LEAST,
    west ? Math.min(part.width - dx, part.left + part.width) : Math.min(part.width + dx, 1 - part.left),
  )
  const height = Math.max(
    LEAST,
    north ? Math.min(part.height - dy, part.top + part.height) : Math.min(part.height + dy, 1 - part.top),
  )
  return {
    left: west ? part.left + part.width - width : part.left,
    top: north ? part.top + part.height - height : part.top,
    width,
    height,
  }
}

function within(value: number, least: number, most: number): number {
  return Math.max(least, Math.min(most, Number.isFinite(value) ? value : least))
}
