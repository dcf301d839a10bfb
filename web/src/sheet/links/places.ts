import type { Node } from 'prosemirror-model'
import type { EditorState, Transaction } from 'prosemirror-state'
import { targetsOf } from './targets'

/** What is wrong with a name for a place in a text, in a sentence; empty when nothing is. */
export function targetProblem(doc: Node, name: string, own: string): string {
  if (!/^[A-Za-z][A-Za-z0-9_.-]{0,79}$/.test(name)) return 'Use letters, digits and hyphens, beginning with a letter.'
  const inUse = name !== own && targetsOf(doc).some((t) => t.anchor === name)
  return inUse ? `There is a place called “${name}” already.` : ''
}

/** A name made of another that no place of the text has yet. */
export function freeName(doc: Node, wanted: string): string {
  const base = wanted.replace(/^[^a-z]+/, '') || 'part'
  let name = base
  for (let n = 2; targetProblem(doc, name, ''); n++) name = `${base}-${n}`
  return name
}

/** What came of giving a place another name: the change, if one could be made, and a sentence, if there is one to say. */
export interface Renaming {
  tr?: Transaction
  told?: string
}

/** Gives a place another name; the links of this text that lead there go on leading there. */
export function rename(state: EditorState, old: string, given: string, pos: number): Renaming {
  const name = given.trim()
  if (name === old) return {}
  const problem = name ? targetProblem(state.doc, name, old) : ''
  if (problem) return { told: problem }
  const { link: linkType } = state.schema.marks
  const tr = state.tr.setNodeAttribute(pos, 'anchor', name)
  let links = 0
  state.doc.descendants((node, at) => {
    const link = linkType.isInSet(node.marks)
    if (!old || !link || link.attrs.href !== `#${old}`) return
    links++
    if (!name) return
    const next = linkType.create({ ...link.attrs, href: `#${name}` })
    tr.removeMark(at, at + node.nodeSize, link).addMark(at, at + node.nodeSize, next)
  })
  if (!name && links) {
    return { told: `${links === 1 ? 'A link leads' : `${links} links lead`} here; change them first.` }
  }
  if (!links) return { tr }
  return { tr, told: `Renamed; ${links === 1 ? 'the link to it follows' : `${links} links to it follow`}.` }
}
