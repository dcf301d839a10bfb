import type { Node } from 'prosemirror-model'
import { type Command, NodeSelection, Plugin, Selection, TextSelection } from 'prosemirror-state'
import type { EditorView } from 'prosemirror-view'
import { specOf } from '../blocks/kinds'
import { behindPicked, intoLineBelow } from '../commands/below'

/** Enter on a picked block begins a paragraph below it. */
export const lineBelowPicked: Command = (state, dispatch) => {
  const pos = behindPicked(state)
  if (pos === null) return false
  dispatch?.(intoLineBelow(state.tr, pos).scrollIntoView())
  return true
}

/** A block that can be picked and has a caption to write in. */
const isFigure = (node: Node | null | undefined): boolean => !!node && !node.isAtom && !!specOf(node)?.panel

/** The position of the figure that comes next below the cursor, or of the one in whose caption it stands. */
function figureOnTheWay({ $head }: TextSelection, down: boolean): number | null {
  for (let depth = $head.depth; depth > 0; depth--) {
    if (!down && isFigure($head.node(depth))) return $head.before(depth)
    const parent = $head.node(depth - 1)
    const next = $head.indexAfter(depth - 1)
    if (down && next < parent.childCount) return isFigure(parent.child(next)) ? $head.after(depth) : null
  }
  return null
}

/**
 * Up and Down pick a figure on the way past its caption, as they pick blocks without text, so that its settings can be
 * reached without a mouse; Down once more goes into the caption.
 */
function pickOnTheWay(view: EditorView, event: KeyboardEvent): boolean {
  const down = event.key === 'ArrowDown'
  if (!(down || event.key === 'ArrowUp') || event.shiftKey || event.ctrlKey || event.metaKey || event.altKey)
    return false
  const { selection, doc, tr } = view.state
  if (selection instanceof NodeSelection && down && isFigure(selection.node)) {
    view.dispatch(tr.setSelection(Selection.near(doc.resolve(selection.from + 1))).scrollIntoView())
    return true
  }
  if (!(selection instanceof TextSelection) || !selection.empty || !view.endOfTextblock(down ? 'down' : 'up'))
    return false
  const pos = figureOnTheWay(selection, down)
  if (pos === null) return false
  view.dispatch(tr.setSelection(NodeSelection.create(doc, pos)).scrollIntoView())
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
    handleKeyDown: pickOnTheWay,
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
