import { escapeText } from '../base/html'
import type { BlockSpec } from './spec'

/** What to write here; what one types in it takes its place. */
export const prompt: BlockSpec = {
  name: 'Prompt',
  words: (node) => node.attrs.text,
  sign: 'M1 3h3M6 3h3M11 3h2M1 7h3M6 7h3M11 7h2M1 11h3M6 11h3',
  schema: {
    group: 'block',
    content: 'text*',
    marks: '',
    attrs: { level: { default: 0 }, text: {} },
    toDOM: (node) => {
      const { level, text } = node.attrs
      return [level ? `h${level}` : 'p', { class: 'prompt', 'data-prompt': text, title: `Prompt: ${text}` }, 0]
    },
  },
  tags: ['p.prompt', 'h1.prompt', 'h2.prompt', 'h3.prompt', 'h4.prompt', 'h5.prompt', 'h6.prompt'],
  read: (e, { schema }) =>
    schema.node('prompt', { level: Number(e.localName.slice(1)) || 0, text: e.textContent ?? '' }),
  write: (node) => {
    const name = node.attrs.level ? `h${node.attrs.level}` : 'p'
    return `<${name} class="prompt">${escapeText(node.attrs.text)}</${name}>`
  },
}
