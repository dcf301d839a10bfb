import { type FormEvent, useState } from 'react'
import type { Asset } from '../../shared/api/types'
import { Button } from '../../shared/ui/Button'
import { Dialog, DialogButtons } from '../../shared/ui/Dialog'
import { Input } from '../../shared/ui/Field'
import { PictureChoice } from '../../shared/ui/PictureChoice'
import { insertBlock } from '../commands/blocks'
import { schema } from '../model/schema'
import { useSheet } from '../state/context'

/** Picks a picture of the site and puts it into the text. */
export function PictureDialog({ onClose }: { onClose: () => void }) {
  const sheet = useSheet()
  const [picked, setPicked] = useState<Asset | null>(null)
  const [alternative, setAlternative] = useState('')
  const [decorative, setDecorative] = useState(false)
  const [caption, setCaption] = useState('')

  function pick(asset: Asset) {
    setPicked(asset)
    setAlternative(asset.alternative)
  }

  function submit(e: FormEvent) {
    e.preventDefault()
    e.stopPropagation()
    if (!picked) return
    const alt = decorative ? '' : alternative.trim() || null
    const words = caption.trim()
    const node = schema.node(
      'picture',
      { src: `../assets/${picked.name}`, alt, credit: picked.credit },
      words ? [schema.text(words)] : [],
    )
    sheet.run(insertBlock(node))
    onClose()
  }

  return (
    <Dialog
      open
      wide
      onClose={onClose}
      title="Put a picture into the text"
      about="It goes after the block the cursor stands in."
    >
      <form onSubmit={submit} className="grid gap-4">
        <PictureChoice picked={picked?.name ?? ''} onPick={pick} />
        {picked && (
          <div className="grid gap-4 sm:grid-cols-2">
            <div className="grid content-start gap-2">
              <Input
                label="Alternative text"
                hint="What somebody who cannot see it should hear instead."
                value={decorative ? '' : alternative}
                disabled={decorative}
                onChange={(e) => setAlternative(e.target.value)}
              />
              <label className="flex items-center gap-2">
                <input type="checkbox" checked={decorative} onChange={(e) => setDecorative(e.target.checked)} />
                Decorative: it says nothing the text does not say
              </label>
            </div>
            <Input
              label="Caption"
              hint="Words below it; can stay empty."
              value={caption}
              onChange={(e) => setCaption(e.target.value)}
            />
          </div>
        )}
        <DialogButtons>
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit" blocked={picked ? '' : 'Pick a picture first.'}>
            Put it in
          </Button>
        </DialogButtons>
      </form>
    </Dialog>
  )
}
