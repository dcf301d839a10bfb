import { useState } from 'react'
import { answer, client } from '../../shared/api/client'
import type { ContentInput, ItemContent } from '../../shared/api/types'
import { Button } from '../../shared/ui/Button'
import { Dialog } from '../../shared/ui/Dialog'
import { mediaUrl } from '../../sheet'
import { useBench } from '../state/context'
import type { Conflict } from '../state/saver'

/** Both texts side by side. Whichever is taken, the other is kept as a draft of its own. */
export function ConflictDialog({ conflict, onTold }: { conflict: Conflict; onTold: (told: string) => void }) {
  const { saver, sheet } = useBench()
  const [problem, setProblem] = useState('')

  async function take(which: 'MINE' | 'THEIRS') {
    try {
      const item = await answer(
        client.POST('/editor/api/items/{key}/resolution', {
          params: { path: { key: saver.key } },
          body: { take: which, theirRevision: conflict.theirRevision, mine: saver.content() },
        }),
      )
      sheet.replace(item.content.body)
      saver.adopt(item)
      const other = which === 'MINE' ? `${conflict.changedBy}’s` : 'Your'
      onTold(`${other} text is kept as a draft of its own; find it at the top of the worklist.`)
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  return (
    <Dialog
      open
      firm
      wide
      onClose={() => {}}
      title="Two texts for one item"
      about={`${conflict.changedBy} saved a change while you were writing. Take either; the other is kept as a draft of its own.`}
    >
      {problem && (
        <p role="alert" className="mb-3 text-rust">
          {problem}
        </p>
      )}
      <div className="grid grid-cols-2 gap-4">
        <Side name="Yours" content={saver.content()} button="Take yours" onTake={() => take('MINE')} />
        <Side
          name={`${conflict.changedBy}’s`}
          content={conflict.theirs}
          button="Take theirs"
          onTake={() => take('THEIRS')}
        />
      </div>
    </Dialog>
  )
}

interface SideProps {
  name: string
  content: ContentInput | ItemContent
  button: string
  onTake: () => void
}

function Side({ name, content, button, onTake }: SideProps) {
  // Only to be looked at: built apart from the page, pictures shown, nothing to be followed.
  const body = new DOMParser().parseFromString(content.body, 'text/html').body
  for (const img of body.querySelectorAll('img')) img.src = mediaUrl(img.getAttribute('src') ?? '')
  for (const a of body.querySelectorAll('a')) a.removeAttribute('href')
  return (
    <section aria-label={name} className="grid content-start gap-2">
      <div className="flex items-center justify-between">
        <h3 className="font-semibold">{name}</h3>
        <Button look="main" onClick={onTake}>
          {button}
        </Button>
      </div>
      <div
        className="h-[55vh] overflow-auto border border-line bg-sheet p-5"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
        tabIndex={0}
        role="group"
        aria-label={`Text: ${name}`}
      >
        <p className="font-semibold font-serif text-title">{content.title || 'Untitled'}</p>
        <p className="mb-3 text-soft">{content.summary}</p>
        {/* Theirs was cleaned by the core, mine was written by the sheet. */}
        <div className="article !text-[1rem]" dangerouslySetInnerHTML={{ __html: body.innerHTML }} />
      </div>
    </section>
  )
}
