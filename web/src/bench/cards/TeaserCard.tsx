import { useState } from 'react'
import { useAsset } from '../../shared/api/queries'
import { useAsked } from '../../shared/store/asked'
import { Button } from '../../shared/ui/Button'
import { Dialog, DialogButtons } from '../../shared/ui/Dialog'
import { PictureChoice } from '../../shared/ui/PictureChoice'
import { useBench, useSaved } from '../state/context'
import { FaceFrame } from './FaceFrame'
import { Standard } from './Standard'

/** What lists of the site show of the item, and shared links. */
export function TeaserCard() {
  const { teaser } = useSaved((now) => now.state.faces)
  return (
    <>
      <LeadPicture />
      <Standard name="lead.place" />
      <Standard name="teaser.picture" fallback={teaser.picture} />
      <Standard name="teaser.title" fallback={teaser.title} />
      <Standard name="teaser.text" fallback={teaser.text} />
      <FaceFrame face="teaser" />
      <FaceFrame face="shared" />
    </>
  )
}

/** The picture that stands for the item. */
function LeadPicture() {
  const { saver } = useBench()
  const [picking, setPicking] = useState(false)
  const lead = useSaved((now) => now.fields.leadPicture)
  const picture = useAsset(lead)
  return (
    <>
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
        <div ref={useAsked<HTMLDivElement>('leadPicture')} className="flex gap-2">
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
        <PictureChoice picked={lead} onPick={(a) => saver.change({ leadPicture: a.name })} />
        <DialogButtons>
          <Button look="main" onClick={() => setPicking(false)}>
            Done
          </Button>
        </DialogButtons>
      </Dialog>
    </>
  )
}
