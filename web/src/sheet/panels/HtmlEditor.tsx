import { useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { FieldFrame, fieldBox } from '../../shared/ui/Field'
import { FormDialog } from '../../shared/ui/FormDialog'

interface Props {
  onClose: () => void
  /** The piece there is, where one is changed. */
  start?: string
  /** Takes the cleaned piece. */
  put: (html: string) => void
}

/** A piece of HTML for what there is no block for; the server cleans it before it goes in. */
export function HtmlEditor({ onClose, start, put }: Props) {
  const [html, setHtml] = useState(start ?? '')
  const [read, setRead] = useState<{ of: string; html: string } | null>(null)
  const [problem, setProblem] = useState('')
  const changed = read && read.of === html && read.html !== html.trim()

  async function submit() {
    setProblem('')
    if (read?.of === html) return finish(read.html)
    try {
      const text = `<div class="html">${html}</div>`
      const cleanedText = await answer(
        client.POST('/editor/api/writing/markup/reading', { body: { language: 'HTML', text } }),
      )
      const first = new DOMParser().parseFromString(cleanedText.body, 'text/html').querySelector('div.html')
      const cleaned = first?.innerHTML ?? ''
      if (!cleaned.trim()) return setProblem('Nothing of this can be kept. It needs words or elements of a text.')
      if (cleaned.trim() === html.trim()) finish(cleaned)
      else setRead({ of: html, html: cleaned })
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  function finish(cleaned: string) {
    put(cleaned)
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
