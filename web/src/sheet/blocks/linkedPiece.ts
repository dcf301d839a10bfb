import { asShown } from '../base/shown'
import { LinkedPieceForm } from '../panels/LinkedPieceForm'
import { boxView, element, sign } from '../views/box'
import { box } from './box'
import type { BlockSpec } from './spec'

export const linkedPiece: BlockSpec = {
  name: 'Linked snippet',
  sign: 'M2 2h10v10H2zM5 7h4',
  schema: box({ key: {} }),
  tags: ['div.snippet'],
  read: (e, { schema }) => schema.node('linked_piece', { key: e.getAttribute('data-snippet') ?? '' }),
  write: ({ attrs }) => `<div class="snippet" data-snippet="${attrs.key}"></div>`,
  view: boxView(
    ({ key }, host) => {
      const piece = host.pieceNamed(key)
      if (!piece) return [sign('A linked snippet that you cannot look into')]
      const shown = element('div', '', 'article')
      shown.inert = true
      shown.innerHTML = asShown(piece.body)
      return [sign(`Linked: ${piece.name}. It changes wherever it stands.`), shown]
    },
    (host, listener) => host.followPieces(listener),
  ),
  panel: LinkedPieceForm,
  whole: true,
}
