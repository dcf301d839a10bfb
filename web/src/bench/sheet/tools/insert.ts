import { insertBlock, toggleBox } from '../commands/blocks'
import { around } from '../commands/text'
import { schema } from '../model/schema'
import type { Ask, Tool } from './tool'

function asked(id: Ask, name: string, keys: string | undefined, words: string): Tool {
  return { id, name, group: 'insert', keys, words, inserts: true, ask: id }
}

function put(
  id: string,
  name: string,
  words: string,
  keys: string | undefined,
  make: () => Parameters<typeof insertBlock>[0],
): Tool {
  return {
    id,
    name,
    group: 'insert',
    keys,
    words,
    inserts: true,
    command: (state, dispatch) => insertBlock(make())(state, dispatch),
  }
}

const { nodes } = schema

/** What a new contact form asks. */
const questions = [
  { kind: 'name', label: 'Your name', required: true, choices: [] },
  { kind: 'email', label: 'Mail address', required: true, choices: [] },
  { kind: 'message', label: 'Your message', required: true, choices: [] },
]

/** Tools that put something into the text. */
export const insertTools: Tool[] = [
  asked('picture', 'Picture', 'Mod-Shift-p', 'image photo asset'),
  asked('gallery', 'Gallery', 'Mod-Alt-g', 'pictures images'),
  asked('table', 'Table', 'Mod-Alt-t', 'rows columns cells'),
  put('divider', 'Divider', 'rule line', 'Mod-Alt--', () => nodes.divider.create()),
  {
    id: 'callout',
    name: 'Callout',
    group: 'insert',
    keys: 'Mod-Alt-o',
    words: 'note tip warning box',
    inserts: true,
    command: toggleBox('callout'),
    on: (state) => !!around(state, nodes.callout),
  },
  asked('columns', 'Side-by-side columns', 'Mod-Alt-m', 'two three four layout'),
  {
    id: 'text-columns',
    name: 'Text columns',
    group: 'insert',
    keys: 'Mod-Alt-n',
    words: 'newspaper flow',
    inserts: true,
    command: toggleBox('text_columns'),
    on: (state) => !!around(state, nodes.text_columns),
  },
  asked('embed', 'Embed', 'Mod-Alt-v', 'video player frame iframe address'),
  asked('video', 'Video', undefined, 'film movie player'),
  asked('audio', 'Audio', undefined, 'sound recording player'),
  asked('download', 'File download', undefined, 'document attachment'),
  asked('button', 'Button link', 'Mod-Alt-b', 'call to action'),
  asked('jump', 'Jump target', 'Mod-Alt-j', 'anchor place bookmark'),
  put('fold', 'Fold', 'teaser more section page', 'Mod-Alt-f', () => nodes.fold.create()),
  put('item-list', 'Item list', 'latest section topic', undefined, () =>
    nodes.item_list.create({ title: 'Latest', items: null }),
  ),
  put('related-items', 'Related items', 'read next', undefined, () =>
    nodes.related_items.create({ title: 'Read next', items: [] }),
  ),
  put('contact-form', 'Contact form', 'message questions', undefined, () =>
    nodes.contact_form.create({ fields: questions, button: 'Send' }),
  ),
  asked('html', 'Raw HTML', undefined, 'markup code'),
]
