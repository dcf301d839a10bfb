import { type ReactNode, useEffect, useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { useOpenNew } from '../../shared/store/newItem'
import { type Backup, backupsOfOthers, dropBackupOf } from '../state/backup'
import { useBench, useSaved } from '../state/context'

/** Long enough to be read, in milliseconds; what one types after that shows that it was. */
const READ = 5000
const LONGEST = 45_000

/**
 * What just happened, in a strip that does not outlive its use: it goes when one has read it and goes on writing, when
 * the next thing happens, or after a while.
 */
export function Told({ children, onClose }: { children: ReactNode; onClose: () => void }) {
  const { sheet } = useBench()
  useEffect(() => {
    if (!children) return
    const begun = Date.now()
    const before = sheet.state.doc
    const unsubscribe = sheet.subscribe(() => {
      if (sheet.state.doc !== before && Date.now() - begun > READ) onClose()
    })
    const timer = setTimeout(onClose, LONGEST)
    return () => {
      unsubscribe()
      clearTimeout(timer)
    }
  }, [children, sheet, onClose])
  return (
    <div aria-live="polite">
      {children && (
        <div role="status" className="flex items-center gap-3 border-line border-b bg-straw px-5 py-1.5">
          <div className="min-w-0 flex-1">{children}</div>
          <button type="button" className="underline" onClick={onClose}>
            Close
          </button>
        </div>
      )}
    </div>
  )
}

/** Says once that an unsaved text was brought back. */
export function BroughtBack() {
  const [open, setOpen] = useState(true)
  const shown = useSaved((now) => now.broughtBack && now.status.is !== 'conflict')
  const [close] = useState(() => () => setOpen(false))
  return (
    <Told onClose={close}>
      {open && shown && 'What you wrote here last time had not reached the server. It has been brought back.'}
    </Told>
  )
}

/** Says that somebody else's words for this item are kept in this browser, and lets them become an item. */
export function OthersWords() {
  const { saver } = useBench()
  const [left, setLeft] = useState(() => backupsOfOthers(saver.key, saver.writer))
  const openNew = useOpenNew()
  const [problem, setProblem] = useState('')
  const first = left[0]
  if (!first) return null

  async function bringIn(words: { name: string; text: Backup }) {
    const { title, body } = words.text.content
    try {
      const made = await answer(
        client.POST('/editor/api/items', {
          body: { kind: saver.snapshot().state.kind, title: `Words of ${words.text.by}: ${title}`, body },
        }),
      )
      dropBackupOf(words)
      openNew(made.state.key)
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  return (
    <div role="status" className="flex flex-wrap items-center gap-3 border-line border-b bg-straw px-5 py-1.5">
      <p className="min-w-0 flex-1">
        This browser keeps words of {first.text.by ?? 'somebody else'} for this item that never reached the server. They
        come back when {first.text.by ?? 'that person'} opens it.
        {problem && <span className="text-rust"> {problem}</span>}
      </p>
      <button type="button" className="underline" onClick={() => bringIn(first)}>
        Make an item of mine of them
      </button>
      <button type="button" className="underline" onClick={() => setLeft(left.slice(1))}>
        Leave them
      </button>
    </div>
  )
}
