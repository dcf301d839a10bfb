import { Plugin } from 'prosemirror-state'
import { setPlace } from './range'

/** Files dropped or pasted: pictures go into the text, texts are asked about. */
export function files(take: (files: File[]) => void): Plugin {
  return new Plugin({
    props: {
      handleDOMEvents: {
        drop: (view, event) => {
          const given = [...(event.dataTransfer?.files ?? [])]
          if (!given.length) return false
          event.preventDefault()
          const at = view.posAtCoords({ left: event.clientX, top: event.clientY })?.pos ?? view.state.selection.from
          view.dispatch(setPlace(view.state, { from: at, to: at }))
          take(given)
          return true
        },
        paste: (view, event) => {
          const data = event.clipboardData
          const given = [...(data?.files ?? [])]
          // A spreadsheet also gives a picture of its cells; the cells themselves say more.
          if (!given.length || data?.types.includes('text/html')) return false
          event.preventDefault()
          view.dispatch(setPlace(view.state))
          take(given)
          return true
        },
      },
    },
  })
}
