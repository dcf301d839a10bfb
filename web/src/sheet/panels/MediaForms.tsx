import { useState } from 'react'
import { useAsset, useFoundAssets } from '../../shared/api/queries'
import type { Asset } from '../../shared/api/types'
import { Button } from '../../shared/ui/Button'
import { CaptionsDialog } from '../../shared/ui/CaptionsDialog'
import { Dialog } from '../../shared/ui/Dialog'
import { Input, Select } from '../../shared/ui/Field'
import { PictureChoice } from '../../shared/ui/PictureChoice'
import { PosterDialog } from '../../shared/ui/PosterDialog'
import type { PanelProps } from './props'
import { WidthField } from './WidthField'

const shapes: [string, string][] = [
  ['16 / 9', 'Wide, 16 to 9'],
  ['4 / 3', 'Classic, 4 to 3'],
  ['1 / 1', 'Square'],
  ['9 / 16', 'Tall, 9 to 16'],
  ['21 / 9', 'Panorama, 21 to 9'],
]

/** What an embed is called, how wide it is, and its shape. */
export function EmbedForm({ node, set }: PanelProps) {
  const { title, width, shape, address } = node.attrs
  return (
    <>
      <Input
        label="Title"
        hint={title ? `Shows ${address}` : undefined}
        problem={title ? '' : 'A title is needed: people who cannot see it hear this.'}
        value={title}
        onChange={(e) => set({ title: e.target.value })}
      />
      <div className="grid grid-cols-2 gap-4">
        <WidthField value={width} set={(w) => set({ width: w })} />
        <Select label="Shape" value={shape} onChange={(e) => set({ shape: e.target.value })}>
          {shapes.map(([v, name]) => (
            <option key={v} value={v}>
              {name}
            </option>
          ))}
        </Select>
      </div>
    </>
  )
}

const nameIn = (src: string) => src.replace('../assets/', '')

/** What a player is called, its captions, and what a film shows before it plays. */
export function PlayerForm({ node, set, host }: PanelProps) {
  const { title, captions, width, src } = node.attrs
  const film = node.type.name === 'video'
  const media = useAsset(nameIn(src))
  const tracks = useFoundAssets({ ending: 'vtt' }).data?.assets ?? []
  const [writing, setWriting] = useState(false)
  const track = captions ? nameIn(captions.src) : ''
  const language = captions?.language ?? host.writingLanguage.language
  const take = (name: string) => set({ captions: name ? { src: `../assets/${name}`, language } : null })
  return (
    <>
      <Input label="Title" value={title} onChange={(e) => set({ title: e.target.value })} />
      <div className="grid grid-cols-2 gap-4 @md:grid-cols-3">
        <div className="grid content-start gap-1">
          <Select label="Captions" value={track} onChange={(e) => take(e.target.value)}>
            <option value="">None</option>
            {[...new Set([...tracks.map((t) => t.asset.name), ...(track ? [track] : [])])].map((t) => (
              <option key={t}>{t}</option>
            ))}
          </Select>
          {media && (
            <div>
              <Button look="quiet" onClick={() => setWriting(true)}>
                {track ? 'Change the captions' : 'Write captions'}
              </Button>
            </div>
          )}
        </div>
        {film && <Poster poster={node.attrs.poster} film={media} set={set} />}
        {film && <WidthField value={width} set={(w) => set({ width: w })} />}
      </div>
      {writing && media && (
        <CaptionsDialog
          media={media}
          track={track}
          onClose={() => setWriting(false)}
          onDone={(made) => {
            take(made.name)
            setWriting(false)
          }}
        />
      )}
    </>
  )
}

/** What a film shows before it plays: one of the pictures, or one out of the film. */
function Poster({ poster, film, set }: { poster: string; film: Asset | undefined; set: PanelProps['set'] }) {
  const picture = useAsset(nameIn(poster))
  const [asks, setAsks] = useState<'pick' | 'film' | null>(null)
  const take = (a: Asset) => {
    set({ poster: `../assets/${a.name}` })
    setAsks(null)
  }
  return (
    <div className="grid content-start gap-1">
      <p className="font-semibold">Picture before it plays</p>
      {picture ? (
        <img
          src={picture.tile}
          alt={picture.alternative}
          className="aspect-video w-32 border border-line object-cover"
        />
      ) : (
        <p className="text-soft">None yet.</p>
      )}
      <div className="flex flex-wrap gap-1">
        <Button look="quiet" onClick={() => setAsks('film')} blocked={film ? '' : 'The film is not there.'}>
          From the film
        </Button>
        <Button look="quiet" onClick={() => setAsks('pick')}>
          Pick one
        </Button>
        {poster && (
          <Button look="quiet" onClick={() => set({ poster: '' })}>
            Take it off
          </Button>
        )}
      </div>
      {asks === 'film' && film && <PosterDialog film={film} onClose={() => setAsks(null)} onDone={take} />}
      {asks === 'pick' && (
        <Dialog
          open
          wide
          onClose={() => setAsks(null)}
          title="Picture before it plays"
          about="Readers see it until they start the film."
        >
          <PictureChoice picked={nameIn(poster)} onPick={take} />
        </Dialog>
      )}
    </div>
  )
}
