import type { Toolset, Writing } from '../../shared/api/types'
import type { Offer } from '../plugins/toolset'

const made = new WeakMap<Toolset, { of: Writing; narrowed: Writing }>()

/** What the site gives a writer, without what a toolset leaves out. It stays the same thing for the same toolset. */
export function narrowed(writing: Writing, { toolset }: Offer): Writing {
  if (!toolset) return writing
  const before = made.get(toolset)
  if (before?.of === writing) return before.narrowed
  const { only } = toolset
  const kept = <T>(all: T[], list: string[] | null | undefined, value: (one: T) => string) =>
    list ? all.filter((one) => list.includes(value(one))) : all
  const next: Writing = {
    ...writing,
    palette: kept(writing.palette, only.colours, (c) => c.value),
    fonts: kept(writing.fonts, only.fonts, (f) => f),
    sizes: kept(writing.sizes, only.sizes, (s) => s),
    styles: kept(writing.styles, only.styles, (s) => s.name),
    hosts: kept(writing.hosts, only.hosts, (h) => h.host),
  }
  made.set(toolset, { of: writing, narrowed: next })
  return next
}
