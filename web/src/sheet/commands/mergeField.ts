import type { Command } from 'prosemirror-state'
import type { OfferedField } from '../../shared/api/types'
import { schema } from '../model/schema'

/** Puts a merge field in, which is filled when the page is made. */
export function putField({ name, value, label }: OfferedField): Command {
  return (state, dispatch) => {
    const marks = state.storedMarks ?? state.selection.$from.marks()
    const node = schema.node('field_chip', { name, words: value || label }, undefined, marks)
    dispatch?.(state.tr.replaceSelectionWith(node, false).scrollIntoView())
    return true
  }
}
