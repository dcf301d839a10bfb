import { inline } from '../base/html'
import { lineView } from '../views/caption'
import { captionText, figcaption } from './figure'
import { readPicture, writePicture } from './picture'
import type { BlockSpec } from './spec'

export const gallery: BlockSpec = {
  name: 'Gallery',
  sign: 'M1 1h5v5H1zM8 1h5v5H8zM1 8h5v5H1zM8 8h5v5H8z',
  schema: {
    group: 'block',
    content: 'picture* gallery_caption',
    isolating: true,
    attrs: { columns: { default: 3 } },
    toDOM: (node) => ['figure', { class: `gallery columns-${node.attrs.columns}` }, 0],
  },
  parts: {
    gallery_caption: {
      name: 'Caption',
      schema: { content: 'inline*', isolating: true, toDOM: () => ['figcaption', 0] },
      view: lineView('figcaption', 'Caption of the gallery'),
    },
  },
  tags: ['figure.gallery'],
  read: (figure, reading) => {
    const { schema } = reading
    const columns = Number(figure.className.match(/columns-(\d)/)?.[1] ?? 3)
    const pictures = [...figure.querySelectorAll(':scope > figure')].map((f) => readPicture(f, reading))
    const caption = schema.node('gallery_caption', null, captionText(figure, reading))
    return schema.node('gallery', { columns }, [...pictures, caption])
  },
  write: (node, { within }) => {
    const body = within(node.children.slice(0, -1).map(writePicture))
    const words = inline(node.child(node.childCount - 1))
    return `<figure class="gallery columns-${node.attrs.columns}">${body}${figcaption(words)}</figure>`
  },
  groups: (found) => [found],
  whole: true,
  inserts: [
    {
      id: 'gallery',
      name: 'Gallery',
      about: 'Several pictures beside each other',
      family: 'media',
      keys: 'Mod-Alt-g',
      words: 'pictures images',
      ask: 'gallery',
    },
  ],
}
