import { type EditorState, NodeSelection, Plugin, PluginKey, type Transaction } from 'prosemirror-state'
import { specOf } from '../blocks/kinds'

/** The position of the block whose settings are open, or null. */
const key = new PluginKey<number | null>('settings')

/** The picked block that has settings, by its position. */
function pickedWithPanel(state: EditorState): number | null {
  const { selection } = state
  return selection instanceof NodeSelection && specOf(selection.node)?.panel ? selection.from : null
}

/**
 * Opens the settings of a block when it is picked, and keeps them open while it stays so. Closed, they open again
 * when it is picked again or when they are asked for.
 */
export const settings = new Plugin<number | null>({
  key,
  state: {
    init: () => null,
    apply(tr, was, before, now) {
      const asked = tr.getMeta(key)
      if (asked === 'close') return null
      const picked = pickedWithPanel(now)
      if (picked === null || asked === 'open') return picked
      const stayed = pickedWithPanel(before)
      const same = stayed !== null && tr.mapping.map(stayed) === picked
      return same && was === null ? null : picked
    },
  },
  props: {
    handleDOMEvents: {
      // A press on the block that is picked already changes no selection, but asks for its settings all the same.
      click: (view, event) => {
        const picked = pickedWithPanel(view.state)
        if (picked === null || settingsOf(view.state) !== null || !(event.target instanceof Element)) return false
        const inCaption = event.target.closest('figcaption, caption')
        if (!inCaption && view.nodeDOM(picked)?.contains(event.target)) view.dispatch(openSettings(view.state))
        return false
      },
    },
    handleKeyDown: (view, event) => {
      if (event.key !== 'Escape' || settingsOf(view.state) === null) return false
      view.dispatch(closeSettings(view.state))
      return true
    },
  },
})

/** The position of the block whose settings are open, or null. */
export function settingsOf(state: EditorState): number | null {
  return key.getState(state) ?? null
}

/** Whether there is a picked block that has settings. */
export function hasSettings(state: EditorState): boolean {
  return pickedWithPanel(state) !== null
}

export function openSettings(state: EditorState): Transaction {
  return opening(state.tr)
}

/** The same change, after which the settings of the picked block are open, also where it was picked before and they were closed. */
export function opening(tr: Transaction): Transaction {
  return tr.setMeta(key, 'open')
}

export function closeSettings(state: EditorState): Transaction {
  return state.tr.setMeta(key, 'close')
}
