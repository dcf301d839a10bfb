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
