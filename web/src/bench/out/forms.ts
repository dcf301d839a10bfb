import { answer, client } from '../../shared/api/client'
import type { OutForm } from '../../shared/api/types'
import { download } from '../../shared/ui/download'

/** The forms a text can go out in. */
export const forms: { form: OutForm; name: string; about: string; copies: boolean; saves: boolean }[] = [
  {
    form: 'FORMATTED',
    name: 'Formatted',
    about: 'Pastes with headings, lists, links and pictures into word processors, mail and other editors.',
    copies: true,
    saves: false,
  },
  { form: 'DOCX', name: 'Word processor file (.docx)', about: 'With its pictures in it.', copies: false, saves: true },
  { form: 'ODT', name: 'OpenDocument text (.odt)', about: 'With its pictures in it.', copies: false, saves: true },
  {
    form: 'MARKDOWN',
    name: 'Markdown (.md)',
    about: 'What Markdown cannot say stands in it as HTML.',
    copies: true,
    saves: true,
  },
  {
    form: 'TEXT',
    name: 'Plain text (.txt)',
    about: 'The words only, signs before list items.',
    copies: true,
    saves: true,
  },
  {
    form: 'BODY',
    name: 'HTML of the text',
    about: 'As it is stored, without a page around it.',
    copies: true,
    saves: true,
  },
  {
    form: 'PAGE',
    name: 'HTML page',
    about: 'A page of its own with title, description, metadata, style and pictures.',
    copies: true,
    saves: true,
  },
]

const path = (key: string, form: OutForm) => `/editor/api/items/${key}/out/${form}`

function fetched(key: string, form: OutForm): Promise<string> {
  const params = { path: { key, form } }
  return answer(client.GET('/editor/api/items/{key}/out/{form}', { params, parseAs: 'text' }))
}

/** Puts a text on the clipboard. */
export async function copyOut(key: string, form: OutForm): Promise<void> {
  const text = await fetched(key, form)
  if (form !== 'FORMATTED') return navigator.clipboard.writeText(text)
  const plain = await fetched(key, 'TEXT')
  await navigator.clipboard.write([
    new ClipboardItem({
      'text/html': new Blob([text], { type: 'text/html' }),
      'text/plain': new Blob([plain], { type: 'text/plain' }),
    }),
  ])
}

export function saveOut(key: string, form: OutForm) {
  download(path(key, form))
}

/** Prints an item's page, by the browser's own dialog, which also makes a PDF of it. */
export function printItem(key: string) {
  const frame = document.createElement('iframe')
  frame.title = 'Print'
  frame.style.cssText = 'position:fixed;left:-10000px;width:794px;height:1123px'
  frame.src = `/editor/proof/${key}`
  frame.onload = () => {
    frame.contentWindow?.addEventListener('afterprint', () => frame.remove())
    frame.contentWindow?.print()
  }
  document.body.append(frame)
}
