import type { AssetPage } from '../shared/api/types'
import { Button } from '../shared/ui/Button'
import { Dialog, DialogButtons } from '../shared/ui/Dialog'
import { Uses } from './Uses'

/** Says where an asset stands before it goes into the bin. */
export function BinDialog({ page, onClose, onBin }: { page: AssetPage; onClose: () => void; onBin: () => void }) {
  return (
    <Dialog
      open
      onClose={onClose}
      title={`Put “${page.asset.title}” into the bin?`}
      about="Readers will not see it any more in any of these places, and each of the items gets a mark. It can be taken out of the bin again."
    >
      <Uses uses={page.uses} heading="Where it will be missing" />
      <DialogButtons>
        <Button onClick={onClose}>Cancel</Button>
        <Button look="main" onClick={onBin}>
          Put into the bin
        </Button>
      </DialogButtons>
    </Dialog>
  )
}
