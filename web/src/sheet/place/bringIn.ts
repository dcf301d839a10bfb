import { bringFileIn } from '../../shared/api/upload'
import { ENDINGS, usualEndings } from '../../shared/base/formats'
import type { ImportTarget } from '../../shared/store/importing'
import { putAside } from '../intake/range'
import { targetsOf } from '../links/targets'
import { schema } from '../model/schema'
import { offers } from '../plugins/toolset'
import type { Sheet } from '../state/Sheet'

const PICTURE = /^image\//

/** Puts pictures into the text at the marked place, and gives the texts among the other files back. */
export async function putPictures(sheet: Sheet, given: File[]): Promise<File[]> {
  const others = given.filter((f) => !PICTURE.test(f.type))
  const pictures = given.filter((f) => PICTURE.test(f.type))
  if (pictures.length && !offers(sheet.state, 'picture')) {
    sheet.tell('This text offers no pictures, so none was put in.')
    pictures.length = 0
  }
  for (const file of pictures) {
    try {
      sheet.tell(`Bringing in “${file.name}” …`)
      const { asset } = await bringFileIn(file, { ask: false, whole: false }).done
      const node = schema.node('picture', { src: `../assets/${asset.name}`, alt: null, credit: asset.credit })
      sheet.dispatch(putAside(sheet.state, node))
      sheet.tell(`“${file.name}” is in the text and among the assets. Say what it shows for those who cannot see it.`)
    } catch (error) {
      sheet.tell((error as Error).message)
    }
  }
  const texts = others.filter((f) => isText(f.name))
  const strange = others.filter((f) => !texts.includes(f)).map((f) => `“${f.name}”`)
  if (strange.length) {
    const was = strange.length === 1 ? 'was' : 'were'
    sheet.tell(`${strange.join(', ')} ${was} not taken: texts come as ${usualEndings}, pictures as GIF, JPEG or PNG.`)
  }
  return texts
}

/** Whether a file may be a text: by its ending, or by having none; the server looks at its bytes. */
function isText(name: string): boolean {
  return !name.includes('.') || ENDINGS.some((e) => name.toLowerCase().endsWith(e))
}

/** The sheet as a text that files can be brought into. */
export function importInto(sheet: Sheet): ImportTarget {
  return {
    isEmpty: () => !sheet.state.doc.textContent.trim() && sheet.state.doc.childCount <= 1,
    namesInUse: () => targetsOf(sheet.state.doc).flatMap((t) => t.anchor || []),
    language: () => sheet.writingLanguage.language,
    kind: () => sheet.itemKind,
    put: (brought, where) => sheet.pasting.bring(brought, where),
    tell: (sentence) => sheet.tell(sentence),
    focus: () => sheet.focus(),
  }
}
