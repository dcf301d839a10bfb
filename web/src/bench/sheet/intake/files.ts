import { Plugin } from 'prosemirror-state'
import { api } from '../../../api/client'
import type { Asset } from '../../../api/types'
import { ENDINGS, type ImportTarget } from '../../../intake/importing'
import { insertBlock } from '../commands/blocks'
import { schema } from '../model/schema'
import type { Sheet } from '../store'
import { targetsOf } from '../targets'
import { markPlace, stretchOf } from './range'

const PICTURE = /^image\//

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
          view.dispatch(markPlace(view.state, { from: at, to: at }))
          take(given)
          return true
        },
        paste: (view, event) => {
          const data = event.clipboardData
          const given = [...(data?.files ?? [])]
          // A spreadsheet also gives a picture of its cells; the cells themselves say more.
          if (!given.length || data?.types.includes('text/html')) return false
          event.preventDefault()
          view.dispatch(markPlace(view.state))
          take(given)
          return true
        },
      },
    },
  })
}

/** Puts pictures into the text at the marked place, and gives the texts among the other files back. */
export async function putPictures(sheet: Sheet, given: File[]): Promise<File[]> {
  const others = given.filter((f) => !PICTURE.test(f.type))
  for (const file of given.filter((f) => PICTURE.test(f.type))) {
    try {
      sheet.onTell(`Bringing in “${file.name}” …`)
      const asset = await upload(file)
      const at = stretchOf(sheet.state)?.from ?? sheet.state.selection.from
      const node = schema.node('picture', { src: `../assets/${asset.name}`, alt: null, credit: asset.credit })
      sheet.goToLine(at)
      sheet.run(insertBlock(node))
      sheet.onTell(`“${file.name}” is in the text and among the assets. Say what it shows for those who cannot see it.`)
    } catch (error) {
      sheet.onTell((error as Error).message)
    }
  }
  const texts = others.filter((f) => ENDINGS.split(',').some((e) => f.name.toLowerCase().endsWith(e)))
  const strange = others.filter((f) => !texts.includes(f)).map((f) => `“${f.name}”`)
  if (strange.length) {
    const was = strange.length === 1 ? 'was' : 'were'
    sheet.onTell(
      `${strange.join(', ')} ${was} not taken: texts come as .docx, .odt, .html, .md or .txt, pictures as GIF, JPEG or PNG.`,
    )
  }
  return texts
}

/** Makes an asset of a picture. */
export function upload(file: File): Promise<Asset> {
  const form = new FormData()
  form.append('file', file)
  return api.post<Asset>('/assets', form)
}

/** The sheet as a text that files can be brought into. */
export function importInto(sheet: Sheet): ImportTarget {
  return {
    isEmpty: () => !sheet.state.doc.textContent.trim() && sheet.state.doc.childCount <= 1,
    taken: () => targetsOf(sheet.state.doc).flatMap((t) => t.anchor || []),
    put: (brought, where) => sheet.pasting.bring(brought, where),
    tell: (sentence) => sheet.onTell(sentence),
  }
}
