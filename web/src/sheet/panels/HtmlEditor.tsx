import { useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { NotYet, useForm } from '../../shared/form/useForm'
import { openText } from '../../shared/store/openText'
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
  const [read, setRead] = useState<{ of: string; html: string } | null>(null)
  const form = useForm(`raw-html:${openText()?.key}`, {
    stored: { html: start ?? '' },
    send: async ({ html: typed }) => {
      if (read?.of === typed) return put(read.html)
      const text = `<div class="html">${typed}</div>`
      const cleanedText = await answer(
        client.POST('/editor/api/writing/markup/reading', { body: { language: 'HTML', text } }),
      )
      const first = new DOMParser().parseFromString(cleanedText.body, 'text/html').querySelector('div.html')
      const cleaned = first?.innerHTML ?? ''
      if (!cleaned.trim()) throw new Error('Nothing of this can be kept. It needs words or elements of a text.')
      if (cleaned.trim() === typed.trim()) return put(cleaned)
      setRead({ of: typed, html: cleaned })
      throw new NotYet()
    },
    done: onClose,
  })
  const { html } = form.value
  const changed = read && read.of === html && read.html !== html.trim()

  return (
    <FormDialog
      title="Raw HTML"
      about="For what there is no block for. Scripts, frames and unknown addresses are taken out."
      wide
      does={changed ? 'Put in what is kept' : 'Put it in'}
      blocked={html.trim() ? '' : 'Type or paste some HTML first.'}
      form={form}
      quiet
      onClose={onClose}
    >
      <FieldFrame label="HTML" problem={form.problem}>
        {({ id, describedBy }) => (
          <textarea
            id={id}
            rows={8}
            aria-describedby={describedBy}
            value={html}
            spellCheck={false}
            onChange={(e) => form.set({ html: e.target.value })}
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
