import type { Node } from 'prosemirror-model'
import type { EditorState, Transaction } from 'prosemirror-state'
import type { Sources } from './host'

/** Addresses of the pictures on other sites about which nobody has decided, each once, from the top. */
export function undecided(doc: Node): string[] {
  const found = new Set<string>()
  doc.descendants((node) => {
    if (node.type.name === 'picture' && node.attrs.pending) found.add(node.attrs.src)
    return !node.isTextblock
  })
  return [...found]
}

/** The host of an address, as people name it. */
export function hostOf(address: string): string {
  try {
    return new URL(address).host
  } catch {
    return address
  }
}

/** What deciding about pictures needs of the sheet they stand on. */
interface Place {
  readonly state: EditorState
  readonly sources: Sources
  dispatch(tr: Transaction): void
  tell(sentence: string): void
}

/** Changes every undecided picture of an address, wherever it stands by now; false where none is left. */
function decide(sheet: Place, address: string, attrs: (node: Node) => Record<string, unknown>): boolean {
  const tr = sheet.state.tr
  sheet.state.doc.descendants((node, pos) => {
    if (node.type.name === 'picture' && node.attrs.pending && node.attrs.src === address) {
      tr.setNodeMarkup(pos, null, { ...node.attrs, ...attrs(node), pending: false }, node.marks)
    }
    return !node.isTextblock
  })
  if (tr.docChanged) sheet.dispatch(tr)
  return tr.docChanged
}

/** Leaves pictures on the sites they lie on: from now on they are loaded from there. */
export function keepThere(sheet: Place, addresses: string[]) {
  for (const address of addresses) decide(sheet, address, () => ({}))
}

/** Fetches pictures of other sites into Assets, and lets the text show them from there. What cannot be had stays as it is. */
export async function takeIn(sheet: Place, addresses: string[]) {
  let taken = 0
  for (const address of addresses) {
    sheet.tell(`Fetching ${addresses.length > 1 ? `picture ${taken + 1} of ${addresses.length}` : 'the picture'} …`)
    try {
      const asset = await sheet.sources.takePicture(address)
      const there = decide(sheet, address, ({ attrs }) => ({
        src: `../assets/${asset.name}`,
        alt: attrs.alt ?? (asset.alternative || null),
        credit: attrs.credit || asset.credit,
      }))
      if (!there) return sheet.tell(`“${asset.title}” is among the assets; the text no longer holds its picture.`)
      taken++
    } catch (error) {
      return sheet.tell((error as Error).message)
    }
  }
  sheet.tell(taken === 1 ? 'The picture is among the assets.' : `${taken} pictures are among the assets.`)
}
