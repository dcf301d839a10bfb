import type { Section } from '../api/types'

/** The sections as options of a list, each part below the section it belongs to. */
export function SectionOptions({ sections, but }: { sections: Section[]; but?: (section: Section) => boolean }) {
  return sections
    .filter((s) => !but?.(s))
    .map((s) => (
      <option key={s.slug} value={s.slug}>
        {`${'\u2003'.repeat(s.depth)}${s.name}`}
      </option>
    ))
}

/** A section and all its parts. */
export function withParts(sections: Section[], slug: string): Set<string> {
  const out = new Set([slug])
  // Each part stands behind the section it belongs to.
  for (const s of sections) if (out.has(s.parent)) out.add(s.slug)
  return out
}
