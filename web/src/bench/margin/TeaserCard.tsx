import { useState } from 'react'
import { useAsset } from '../../shared/api/queries'
import { useAsked } from '../../shared/store/asked'
import { Button } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { Dialog, DialogButtons } from '../../shared/ui/Dialog'
import { FieldFrame, fieldBox } from '../../shared/ui/Field'
import { PictureChoice } from '../../shared/ui/PictureChoice'
import { useBench, useSaved } from '../state/context'

const graphemes = new Intl.Segmenter(undefined, { granularity: 'grapheme' })

/** Characters as a reader counts them; the core counts the same way when it checks. */
function characters(text: string): number {
  let n = 0
  for (const _ of graphemes.segment(text.trim().replace(/[ \t\n\r\f]+/g, ' '))) n++
  return n
}

/** The summary and the lead picture: what section pages show of the item. */
export function TeaserCard() {
  const { saver } = useBench()
  const summary = useAsked<HTMLTextAreaElement>('summary')
  const [picking, setPicking] = useState(false)
  const fields = useSaved((now) => now.fields)
  const language = useSaved((now) => now.state.language)
  const limit = useSaved((now) => now.state.measures.summaryLimit)
  const length = characters(fields.summary)
  const over = length - limit
  const picture = useAsset(fields.leadPicture)

  return (
    <>
      <FieldFrame
        label="Summary"
        hint={
          <span className={cx(over > 0 && 'font-semibold text-rust')}>
            {length} of {limit} characters
            {over > 0 && `, ${over} too many`}
          </span>
        }
      >
        {({ id, describedBy }) => (
          <textarea
            ref={summary}
            id={id}
            lang={language.language}
            dir={language.direction}
            aria-describedby={describedBy}
            rows={5}
            value={fields.summary}
            onChange={(e) => saver.change({ summary: e.target.value })}
            className={cx(fieldBox, 'resize-y py-1.5')}
          />
        )}
      </FieldFrame>
      <div className="grid gap-1">
        <p className="font-semibold">Lead picture</p>
        {picture ? (
          <img
            src={picture.tile}
            alt={picture.alternative}
            className="aspect-video w-full border border-line object-cover"
          />
        ) : (
          <p className="text-soft">None yet. One picture stands for the item in teasers.</p>
        )}
        <div className="flex gap-2">
          <Button onClick={() => setPicking(true)}>{picture ? 'Change it' : 'Pick one'}</Button>
          {picture && (
            <Button look="quiet" onClick={() => saver.change({ leadPicture: '' })}>
              Take it off
            </Button>
          )}
        </div>
      </div>
      <Dialog
        open={picking}
        wide
        onClose={() => setPicking(false)}
        title="Pick the lead picture"
        about="It stands for the item on section pages and in shared links."
      >
        <PictureChoice picked={fields.leadPicture} onPick={(a) => saver.change({ leadPicture: a.name })} />
        <DialogButtons>
          <Button look="main" onClick={() => setPicking(false)}>
            Done
          </Button>
        </DialogButtons>
      </Dialog>
    </>
  )
}
