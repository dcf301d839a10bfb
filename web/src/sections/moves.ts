import type { Section } from '../shared/api/types'

/** Where a section goes: into which, empty for the top, and before which there, empty for the last. */
export interface Move {
  parent: string
  before: string
}

/**
 * Where an arrow key moves a section of a tree that is listed in its order; nothing for another key, null where it cannot go
 * further.
 */
export function moveBy(sections: Section[], section: Section, key: string): Move | null | undefined {
  const beside = sections.filter((s) => s.parent === section.parent)
  const at = beside.findIndex((s) => s.slug === section.slug)
  const { parent } = section
  switch (key) {
    case 'ArrowUp':
      return at > 0 ? { parent, before: beside[at - 1]?.slug ?? '' } : null
    case 'ArrowDown':
      return at < beside.length - 1 ? { parent, before: beside[at + 2]?.slug ?? '' } : null
    case 'ArrowRight':
      return at > 0 ? { parent: beside[at - 1]?.slug ?? '', before: '' } : null
    case 'ArrowLeft': {
      const own = sections.find((s) => s.slug === parent)
      if (!own) return null
      const above = sections.filter((s) => s.parent === own.parent)
      return { parent: own.parent, before: above[above.indexOf(own) + 1]?.slug ?? '' }
    }
    default:
      return undefined
  }
}
