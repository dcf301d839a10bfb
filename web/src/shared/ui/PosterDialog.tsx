import { useQueryClient } from '@tanstack/react-query'
import { useRef } from 'react'
import type { Asset } from '../api/types'
import { bringFileIn } from '../api/upload'
import { useForm } from '../form/useForm'
import { FormDialog } from './FormDialog'
import { playsFor } from './sizes'

/** Takes a picture out of a film, at the moment its player is at, and makes an asset of it. */
export function PosterDialog(props: {
  film: Pick<Asset, 'url' | 'title'>
  onClose: () => void
  onDone: (picture: Asset) => void
}) {
  const { film, onClose, onDone } = props
  const cache = useQueryClient()
  const player = useRef<HTMLVideoElement>(null)
  const form = useForm('poster', {
    stored: {},
    send: async () => {
      const video = player.current
      if (!video?.videoWidth) throw new Error('The film has not come yet; wait a moment.')
      const canvas = document.createElement('canvas')
      canvas.width = video.videoWidth
      canvas.height = video.videoHeight
      canvas.getContext('2d')?.drawImage(video, 0, 0)
      const bytes = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.92))
      if (!bytes) throw new Error('This browser cannot take a picture out of the film.')
      const name = `${film.title} at ${playsFor(video.currentTime).replace(/:/g, '-')}.jpg`
      const file = new File([bytes], name, { type: 'image/jpeg' })
      const { asset } = await bringFileIn(file, { ask: false, whole: false }).done
      await cache.invalidateQueries({ queryKey: ['assets'] })
      return asset
    },
    done: onDone,
    // Nothing is typed in it.
    secret: true,
  })
  return (
    <FormDialog
      title="A picture from the film"
      about="Go to the moment that shows best what it is about. The picture becomes an asset."
      wide
      does="Take this moment"
      form={form}
      onClose={onClose}
    >
      {/* biome-ignore lint/a11y/useMediaCaption: one looks for a picture, not for what is said */}
      <video
        ref={player}
        src={film.url}
        controls
        preload="auto"
        aria-label={film.title}
        className="max-h-96 w-full bg-ink"
      />
    </FormDialog>
  )
}
