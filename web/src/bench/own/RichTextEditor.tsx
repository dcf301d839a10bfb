import { useEffect, useRef, useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { useAsked } from '../../shared/store/asked'
import { cx } from '../../shared/ui/cx'
import { FieldFrame, fieldBox } from '../../shared/ui/Field'
import { useBench } from '../state/context'
import { type EditorProps, text } from './props'

const PAUSE = 400

/** A formatted text, written as Markdown and kept in the form of all texts. */
export function RichTextEditor({ field, value, set, problem, lead }: EditorProps) {
  const { saver } = useBench()
  const ref = useAsked<HTMLTextAreaElement>(lead)
  const [typed, setTyped] = useState<string>()
  const [shown, setShown] = useState('')
  const [told, setTold] = useState('')
  const timer = useRef(0)
  const readings = useRef(0)
  const html = text(value)

  useEffect(() => {
    // What somebody is typing is never written over by what comes back.
    if (typed !== undefined) return
    let gone = false
    answer(client.POST('/editor/api/writing/markup', { body: { language: 'MARKDOWN', text: html } }))
      .then((m) => !gone && setShown(m.text.trimEnd()))
      .catch((e) => setTold((e as Error).message))
    return () => {
      gone = true
    }
  }, [html, typed])

  async function read(markdown: string) {
    clearTimeout(timer.current)
    const mine = ++readings.current
    try {
      const { body } = await answer(
        client.POST('/editor/api/writing/markup/reading', { body: { language: 'MARKDOWN', text: markdown } }),
      )
      if (mine !== readings.current) return
      set(body || undefined)
      saver.owes(lead, null)
      setTold('')
    } catch (e) {
      setTold(`Not kept yet: ${(e as Error).message}`)
    }
  }

  return (
    <FieldFrame
      label={field.label}
      hint={`${field.help} Markdown: **strong**, *emphasis*, - a list, [words](address).`.trim()}
      problem={problem || told}
    >
      {({ id, describedBy }) => (
        <textarea
          ref={ref}
          id={id}
          aria-describedby={describedBy}
          rows={6}
          value={typed ?? shown}
          onChange={(e) => {
            const markdown = e.target.value
            setTyped(markdown)
            // Whoever types and puts the item live at once has it go along.
            saver.owes(lead, () => read(markdown))
            clearTimeout(timer.current)
            timer.current = window.setTimeout(() => read(markdown), PAUSE)
          }}
          onBlur={() => typed !== undefined && read(typed)}
          className={cx(fieldBox, 'resize-y py-1.5 font-mono text-small')}
        />
      )}
    </FieldFrame>
  )
}
