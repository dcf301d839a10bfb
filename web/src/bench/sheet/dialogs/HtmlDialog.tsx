import { useState } from 'react'
import { api } from '../../../api/client'
import type { TypedMarkup } from '../../../api/types'
import { FieldFrame, fieldBox } from '../../../ui/Field'
import { useSheet } from '../../context'
import { insertBlock } from '../commands/blocks'
import { fragment } from '../model/read'
import { schema } from '../model/schema'
import { FormDialog } from './FormDialog'

interface Props {
  onClose: () => void
  /** The piece there is, where one is changed, and what becomes of it. */
  start?: string
  put?: (html: string) => void
}

/** A piece of HTML for what there is no block for; the server cleans it before it goes in. */
export function HtmlDialog({ onClose, start, put }: Props) {
  const sheet = useSheet()
  const [html, setHtml] = useState(start ?? '')
  const [read, setRead] = useState<{ of: string; html: string } | null>(null)
  const [problem, setProblem] = useState('')
  const changed = read && read.of === html && read.html !== html.trim()

  async function submit() {
    setProblem('')
    if (read?.of === html) return finish(read.html)
    try {
      const text = `<div class="html">${html}</div>`
      const answer = await api.post<TypedMarkup>('/writing/markup/reading', { language: 'HTML', text })
      const first = fragment(answer.body).querySelector('div.html')
      const cleaned = first?.innerHTML ?? ''
      if (!cleaned.trim()) return setProblem('Nothing of this can be kept. It needs words or elements of a text.')
      if (cleaned.trim() === html.trim()) finish(cleaned)
      else setRead({ of: html, html: cleaned })
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  function finish(cleaned: string) {
    if (put) put(cleaned)
    else sheet.run(insertBlock(schema.node('html', { html: cleaned })))
    onClose()
  }

  return (
    <FormDialog
      title="Raw HTML"
      about="For what there is no block for. Scripts, frames and unknown addresses are taken out."
      wide
      does={changed ? 'Put in what is kept' : 'Put it in'}
      blocked={html.trim() ? '' : 'Type or paste some HTML first.'}
      onClose={onClose}
      onSubmit={submit}
    >
      <FieldFrame label="HTML" problem={problem}>
        {({ id, describedBy }) => (
          <textarea
            id={id}
            rows={8}
            aria-describedby={describedBy}
            value={html}
            spellCheck={false}
            onChange={(e) => setHtml(e.target.value)}
            className={`${fieldBox} py-1.5 font-mono`}
          />
        )}
      </FieldFrame>
      {changed && (
        <div role="status">
          <p className="font-semibold">Cleaning changes it. This is what is kept:</p>
          <pre className="mt-1 max-h-48 overflow-auto whitespace-pre-wrap border border-line bg-sheet p-2">
            {read.html}
          </pre>
        </div>
      )}
    </FormDialog>
  )
}
