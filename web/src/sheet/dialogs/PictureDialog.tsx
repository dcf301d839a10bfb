import type { Asset } from '../../shared/api/types'
import { useForm } from '../../shared/form/useForm'
import { openText } from '../../shared/store/openText'
import { Input } from '../../shared/ui/Field'
import { FormDialog } from '../../shared/ui/FormDialog'
import { PictureChoice } from '../../shared/ui/PictureChoice'
import { insertPicked } from '../commands/blocks'
import { schema } from '../model/schema'
import { useSheet } from '../state/context'

/** Picks a picture of the site and puts it into the text. */
export function PictureDialog({ onClose }: { onClose: () => void }) {
  const sheet = useSheet()
  const form = useForm(`picture:${openText()?.key}`, {
    stored: { picked: null as Asset | null, alternative: '', decorative: false, caption: '' },
    send: (typed) => {
      if (!typed.picked) return
      const alt = typed.decorative ? '' : typed.alternative.trim() || null
      const words = typed.caption.trim()
      const attrs = { src: `../assets/${typed.picked.name}`, alt, credit: typed.picked.credit }
      sheet.run(insertPicked(schema.node('picture', attrs, words ? [schema.text(words)] : [])))
    },
    done: onClose,
  })
  const { set } = form
  const { picked, alternative, decorative, caption } = form.value

  return (
    <FormDialog
      form={form}
      wide
      onClose={onClose}
      title="Put a picture into the text"
      about="It goes after the block the cursor stands in."
      does="Put it in"
      blocked={picked ? '' : 'Pick a picture first.'}
    >
      <PictureChoice
        picked={picked?.name ?? ''}
        onPick={(asset) => set({ picked: asset, alternative: asset.alternative })}
      />
      {picked && (
        <div className="grid gap-4 sm:grid-cols-2">
          <div className="grid content-start gap-2">
            <Input
              label="Alternative text"
              hint="What somebody who cannot see it should hear instead."
              value={decorative ? '' : alternative}
              disabled={decorative}
              onChange={(e) => set({ alternative: e.target.value })}
            />
            <label className="flex items-center gap-2">
              <input type="checkbox" checked={decorative} onChange={(e) => set({ decorative: e.target.checked })} />
              Decorative: it says nothing the text does not say
            </label>
          </div>
          <Input
            label="Caption"
            hint="Words below it; can stay empty."
            value={caption}
            onChange={(e) => set({ caption: e.target.value })}
          />
        </div>
      )}
    </FormDialog>
  )
}
