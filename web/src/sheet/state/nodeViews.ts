import type { EditorProps } from 'prosemirror-view'
import type { SheetHost } from '../base/host'
import { kindEntries } from '../blocks/kinds'
import { MergeFieldView } from '../views/mergeField'

/** The views of all blocks and their parts, as their kinds describe them. */
export function nodeViews(host: SheetHost): NonNullable<EditorProps['nodeViews']> {
  const views: NonNullable<EditorProps['nodeViews']> = {}
  for (const [name, spec] of kindEntries) {
    const all = [[name, spec.view] as const, ...Object.entries(spec.parts ?? {}).map(([n, p]) => [n, p.view] as const)]
    for (const [node, make] of all) {
      if (make) views[node] = (n, view, getPos) => make(n, view, getPos, host)
    }
  }
  views.field_chip = (node) => new MergeFieldView(node, host)
  return views
}
