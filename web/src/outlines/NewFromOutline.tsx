import { useState } from 'react'
import { useKinds } from '../shared/api/kinds'
import { useOutlines } from '../shared/api/queries'
import type { Kind } from '../shared/api/types'
import { useNewItem } from '../shared/store/newItem'
import { Button } from '../shared/ui/Button'
import { cx } from '../shared/ui/cx'
import { Dialog, DialogButtons } from '../shared/ui/Dialog'
import { KindSelect } from '../shared/ui/KindSelect'
import { OutlineLines } from '../shared/ui/OutlineLines'
import { useSubmit } from '../shared/ui/useSubmit'

/** Begins an item with a structure that says what to write where. */
export function NewFromOutline({ onClose }: { onClose: () => void }) {
  const outlines = useOutlines()
  const begin = useNewItem()
  const [kind, setKind] = useState<Kind>('')
  const [picked, setPicked] = useState(0)
  const kinds = useKinds()
  const wanted = kind || (kinds[0]?.name ?? '')
  const fitting = (outlines.data ?? []).filter((o) => o.kinds.includes(wanted))
  const chosen = fitting.find((o) => o.id === picked) ?? fitting[0]

  const { problem, submit } = useSubmit(() => begin(wanted, chosen?.body, '', chosen?.id), onClose)

  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title="New from an outline"
      about="A structure with prompts that say what to write. They vanish as one types, and readers never see them."
    >
      <div className="grid gap-4 md:grid-cols-[18rem_1fr]">
        <div className="grid content-start gap-3">
          <KindSelect kinds={kinds} value={wanted} pick={setKind} />
          <fieldset className="grid gap-1">
            <legend className="mb-1 font-semibold">Outline</legend>
            {fitting.map((o) => (
              <label key={o.id} className={cx('flex gap-2 rounded-3 px-2 py-1', o === chosen && 'bg-straw')}>
                <input type="radio" name="outline" checked={o === chosen} onChange={() => setPicked(o.id)} />
                <span>
                  <span className="font-semibold">{o.name}</span>
                  <span className="block text-small text-soft">{o.about}</span>
                </span>
              </label>
            ))}
            {outlines.data && !fitting.length && (
              <p className="text-soft">
                No outline is for this kind yet. Open an item that is well built and choose Tidy, “Make an outline of
                this text”.
              </p>
            )}
          </fieldset>
        </div>
        <section aria-label="The outline" className="min-h-40 border border-line bg-sheet p-4">
          {chosen && <OutlineLines outline={chosen} />}
        </section>
      </div>
      {problem && (
        <p role="alert" className="mt-3 text-rust">
          {problem}
        </p>
      )}
      <DialogButtons>
        <Button onClick={onClose}>Cancel</Button>
        <Button look="main" blocked={chosen ? '' : 'There is no outline for this kind.'} onClick={() => submit()}>
          Begin
        </Button>
      </DialogButtons>
    </Dialog>
  )
}
