import type { BlockSpec } from './spec'

export const divider: BlockSpec = {
  name: 'Divider',
  sign: 'M1 7h12',
  schema: { group: 'block', parseDOM: [{ tag: 'hr' }], toDOM: () => ['hr'] },
  tags: ['hr'],
  read: (_e, { schema }) => schema.node('divider'),
  write: () => '<hr>',
  inserts: [
    {
      id: 'divider',
      name: 'Divider',
      about: 'A line between two parts',
      family: 'layout',
      keys: 'Mod-Alt--',
      words: 'rule line',
      make: (schema) => schema.node('divider'),
    },
  ],
}
