import { JumpForm } from '../panels/JumpForm'
import { boxView, sign } from '../views/box'
import { box } from './box'
import type { BlockSpec } from './spec'

export const fold: BlockSpec = {
  name: 'Fold',
  sign: 'M2 2h10v10H2zM2 6h10',
  schema: box({}),
  tags: ['div.fold'],
  read: (_e, { schema }) => schema.node('fold'),
  write: () => '<div class="fold" hidden=""></div>',
  view: boxView(() => [sign('Section pages show the text down to here')]),
  whole: true,
  inserts: [
    {
      id: 'fold',
      name: 'Fold',
      about: 'How far section pages show the text',
      family: 'site',
      keys: 'Mod-Alt-f',
      words: 'teaser more section page',
      make: (schema) => schema.node('fold'),
    },
  ],
}

export const jumpTarget: BlockSpec = {
  name: 'Jump target',
  words: (node) => node.attrs.anchor,
  sign: 'M4 1v12M4 2h7l-2 2.500L11 7H4',
  schema: box({ anchor: {} }),
  tags: ['div.jump-target'],
  read: (e, { schema }) => schema.node('jump_target', { anchor: e.id }),
  write: (node) => `<div id="${node.attrs.anchor}" class="jump-target"></div>`,
  view: boxView(({ anchor }) => [sign(`Jump target: ${anchor}`)]),
  panel: JumpForm,
  whole: true,
  inserts: [
    {
      id: 'jump',
      name: 'Jump target',
      about: 'A named place that links lead to',
      family: 'site',
      keys: 'Mod-Alt-j',
      words: 'anchor place bookmark',
      ask: 'jump',
    },
  ],
}
