import { useState } from 'react'
import { useAssetsNamed } from '../../shared/api/queries'
import type { Asset } from '../../shared/api/types'
import { moved } from '../../shared/base/lists'
import { AssetChoice } from '../../shared/ui/AssetChoice'
import { Button } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { Dialog, DialogButtons } from '../../shared/ui/Dialog'
import { fieldBox } from '../../shared/ui/Field'
import { factsOf } from '../../shared/ui/sizes'
import { useBench, useSaved } from '../state/context'

/** The files that go with the item, in the order readers see them below the text. */
export function AttachmentsCard() {
  const { saver } = useBench()
  const attachments = useSaved((now) => now.fields.attachments) ?? []
  const assets = useAssetsNamed(attachments.map((a) => a.asset)).data ?? []
  const [picking, setPicking] = useState(false)
  const change = (next: typeof attachments) => saver.change({ attachments: next })

  function pick(asset: Asset, on: boolean) {
    const others = (saver.snapshot().fields.attachments ?? []).filter((a) => a.asset !== asset.name)
    change(on ? [...others, { asset: asset.name, words: asset.title }] : others)
  }

  const move = (from: number, to: number) => change(moved(attachments, from, to))

  return (
    <div className="grid gap-3">
      {attachments.length === 0 && <p className="text-soft">None yet. Readers find them below the text.</p>}
      {attachments.length > 0 && (
        <ol aria-label="Attachments" className="grid gap-3">
          {attachments.map((a, i) => {
            const asset = assets.find((o) => o.name === a.asset)
            return (
              <li key={a.asset} className="grid gap-1 border-line border-l-2 pl-2">
                <input
                  aria-label={`What attachment ${i + 1} is`}
                  value={a.words}
                  maxLength={300}
                  onChange={(e) => change(attachments.map((o, n) => (n === i ? { ...o, words: e.target.value } : o)))}
                  className={cx(fieldBox, 'h-8')}
                />
                <p className="truncate text-small text-soft">{asset ? factsOf(asset) : a.asset}</p>
                <div className="flex gap-1">
                  <Button
                    look="quiet"
                    aria-label={`Move ${a.words} up`}
                    blocked={i ? '' : 'It is the first.'}
                    onClick={() => move(i, i - 1)}
                  >
                    Up
                  </Button>
                  <Button
                    look="quiet"
                    aria-label={`Move ${a.words} down`}
                    blocked={i + 1 < attachments.length ? '' : 'It is the last.'}
                    onClick={() => move(i, i + 1)}
                  >
                    Down
                  </Button>
                  <Button
                    look="quiet"
                    aria-label={`Take ${a.words} off`}
                    onClick={() => change(attachments.filter((_, n) => n !== i))}
                  >
                    Take off
                  </Button>
                </div>
              </li>
            )
          })}
        </ol>
      )}
      <div>
        <Button onClick={() => setPicking(true)}>Attach files</Button>
      </div>
      <Dialog
        open={picking}
        wide
        onClose={() => setPicking(false)}
        title="Attach files"
        about="They stand below the text, each with its kind and size, in the order in which they are picked."
      >
        <AssetChoice
          query={{}}
          word="file"
          fits={() => true}
          multiple
          picked={attachments.map((a) => a.asset)}
          onPick={pick}
        />
        <DialogButtons>
          <Button look="main" onClick={() => setPicking(false)}>
            Done
          </Button>
        </DialogButtons>
      </Dialog>
    </div>
  )
}
