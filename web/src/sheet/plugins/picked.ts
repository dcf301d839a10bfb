import { type Command, Plugin } from 'prosemirror-state'
import type { EditorView } from 'prosemirror-view'
import { behindPicked, intoLineBelow } from '../commands/below'

/** Enter on a picked block begins a paragraph below it. */
export const lineBelowPicked: Command = (state, dispatch) => {
  const pos = behindPicked(state)
  if (pos === null) return false
  dispatch?.(intoLineBelow(state.tr, pos).scrollIntoView())
  return true
}

/** Leaves the picked block for a line below it; false where none is picked. */
function leave(view: EditorView): boolean {
  return lineBelowPicked(view.state, view.dispatch)
}

/**
 * Whatever is typed, composed, dropped by an input method or pasted while a block is picked goes into a paragraph
 * below it. Only Delete, Backspace and cutting take a picked block out.
 */
export const typingBelowPicked = new Plugin({
  props: {
    handleTextInput: (view, _from, _to, text) => {
      if (!leave(view)) return false
      const { from, to } = view.state.selection
      // The helps while typing see the line as if it had been there before.
      const asTyped = () => view.state.tr.insertText(text, from, to).scrollIntoView()
      if (!view.someProp('handleTextInput', (f) => f(view, from, to, text, asTyped))) view.dispatch(asTyped())
      return true
    },
    handleDOMEvents: {
      beforeinput: (view, event) => {
        if (!event.inputType.startsWith('insert') || behindPicked(view.state) === null) return false
        if (event.inputType === 'insertFromPaste' || event.inputType === 'insertFromDrop') return false
        leave(view)
        if (event.inputType === 'insertCompositionText') return false
        event.preventDefault()
        if (event.data) view.dispatch(view.state.tr.insertText(event.data).scrollIntoView())
        return true
      },
      compositionstart: (view) => {
        leave(view)
        return false
      },
      paste: (view) => {
        leave(view)
        return false
      },
    },
  },
})
