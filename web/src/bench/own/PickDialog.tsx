import type { Asset } from '../../shared/api/types'
import { AssetChoice } from '../../shared/ui/AssetChoice'
import { Button } from '../../shared/ui/Button'
import { Dialog, DialogButtons } from '../../shared/ui/Dialog'

interface Props {
  title: string
  pictures: boolean
  multiple: boolean
  picked: string[]
  onPick: (asset: Asset, on: boolean) => void
  onClose: () => void
}

/** Pictures or files of the site to pick from. */
export function PickDialog({ title, pictures, multiple, picked, onPick, onClose }: Props) {
  return (
    <Dialog open wide onClose={onClose} title={title} about="From the assets of the site, or brought in here.">
      <AssetChoice
        query={pictures ? { kind: 'PICTURE' } : {}}
        word={pictures ? 'picture' : 'file'}
        accept={pictures ? 'image/*' : undefined}
        fits={(a) => !pictures || a.width > 0}
        multiple={multiple}
        picked={picked}
        onPick={onPick}
      />
      <DialogButtons>
        <Button look="main" onClick={onClose}>
          Done
        </Button>
      </DialogButtons>
    </Dialog>
  )
}
