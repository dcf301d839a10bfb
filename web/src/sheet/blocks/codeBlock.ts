import { attribute, escapeText } from '../base/html'
import type { BlockSpec } from './spec'

export const codeBlock: BlockSpec = {
  name: 'Code',
  sign: 'M4 3L1 7l3 4M10 3l3 4-3 4',
  schema: {
    group: 'block',
    content: 'text*',
    marks: '',
    code: true,
    defining: true,
    attrs: { language: { default: '' } },
    parseDOM: [{ tag: 'pre', preserveWhitespace: 'full' }],
    toDOM: (node) => [
      'pre',
      { 'data-language': node.attrs.language || 'plain text' },
      ['code', { spellcheck: 'false' }, 0],
    ],
  },
  tags: ['pre'],
  read: (pre, { schema }) => {
    const language = pre.firstElementChild?.className.replace('language-', '') ?? ''
    const text = pre.textContent ?? ''
    return schema.node('code_block', { language }, text ? [schema.text(text)] : [])
  },
  write: (node) => {
    const language = node.attrs.language ? attribute('class', `language-${node.attrs.language}`) : ''
    return `<pre><code${language}>${escapeText(node.textContent)}</code></pre>`
  },
}
