import { useFoundAssets } from '../../shared/api/queries'
import type { Asset } from '../../shared/api/types'
import { useForm } from '../../shared/form/useForm'
import { openText } from '../../shared/store/openText'
import { AssetChoice } from '../../shared/ui/AssetChoice'
import { BringInButton } from '../../shared/ui/BringInButton'
import { Input, Select } from '../../shared/ui/Field'
import { FormDialog } from '../../shared/ui/FormDialog'
import { insertPicked } from '../commands/blocks'
import { schema } from '../model/schema'
import { useSheet } from '../state/context'

interface Props {
  onClose: () => void
}

const wanted = {
  audio: { word: 'sound', kind: 'SOUND', accept: 'audio/*', fits: (a: Asset) => a.mediaType.startsWith('audio/') },
  video: { word: 'film', kind: 'FILM', accept: 'video/*', fits: (a: Asset) => a.mediaType.startsWith('video/') },
  download: { word: 'file', kind: undefined, accept: undefined, fits: () => true },
} as const

/** A film, a sound or a file of the site. */
export function AssetDialog({ kind, onClose }: Props & { kind: 'audio' | 'video' | 'download' }) {
  const sheet = useSheet()
  const tracks = useFoundAssets({ ending: 'vtt' }).data?.assets ?? []
  const { word, accept, fits } = wanted[kind]
  const form = useForm(`put-${kind}:${openText()?.key}`, {
    stored: { picked: null as Asset | null, title: '', track: '' },
    send: (typed) => put(typed),
    done: onClose,
  })
  const { set } = form
  const { picked, title, track } = form.value

  function put(typed: { picked: Asset | null; title: string; track: string }) {
    if (!typed.picked) return
    const src = `../assets/${typed.picked.name}`
    const called = typed.title.trim() || typed.picked.title
    const captions = typed.track ? { src: `../assets/${typed.track}`, language: sheet.writingLanguage.language } : null
    const node =
      kind === 'download'
        ? schema.node('download', { asset: src, label: called })
        : schema.node(kind, { src, title: called, captions })
    sheet.run(insertPicked(node))
  }

  return (
    <FormDialog
      title={{ audio: 'Audio', video: 'Video', download: 'File download' }[kind]}
      about={
        kind === 'download'
          ? 'The page tells readers the kind and size of the file.'
          : 'With controls on; it never starts by itself.'
      }
      does="Put it in"
      blocked={picked ? '' : `Pick a ${word} first.`}
      form={form}
      onClose={onClose}
    >
      <AssetChoice
        query={{ kind: wanted[kind].kind }}
        word={word}
        accept={accept}
        fits={fits}
        picked={picked ? [picked.name] : []}
        onPick={(a) => set({ picked: a })}
      />
      <Input
        label={kind === 'download' ? 'Words of the link' : 'Title'}
        hint="Left empty, the asset’s own title."
        value={title}
        onChange={(e) => set({ title: e.target.value })}
      />
      {kind !== 'download' && (
        <Select
          label="Captions"
          hint="What is said and heard, as text, for people who cannot hear it."
          value={track}
          onChange={(e) => set({ track: e.target.value })}
        >
          <option value="">None</option>
          {tracks.map(({ asset: a }) => (
            <option key={a.name} value={a.name}>
              {a.title} ({a.name})
            </option>
          ))}
        </Select>
      )}
      {kind !== 'download' && (
        <div>
          <BringInButton accept=".vtt" onAdded={(a) => a.name.endsWith('.vtt') && set({ track: a.name })}>
            Bring captions in
          </BringInButton>
        </div>
      )}
    </FormDialog>
  )
}

/** Pictures set beside each other. */
export function GalleryDialog({ onClose }: Props) {
  const sheet = useSheet()
  const form = useForm(`gallery:${openText()?.key}`, {
    stored: { picked: [] as Asset[] },
    send: (typed) => put(typed.picked),
    done: onClose,
  })
  const { picked } = form.value

  function put(pictures: Asset[]) {
    const made = pictures.map((a) =>
      schema.node('picture', { src: `../assets/${a.name}`, alt: a.alternative || null, credit: a.credit }),
    )
    const columns = Math.min(3, made.length)
    sheet.run(insertPicked(schema.node('gallery', { columns }, [...made, schema.node('gallery_caption')])))
  }

  return (
    <FormDialog
      title="Gallery"
      about="Pick the pictures in the order in which they shall stand."
      wide
      does={picked.length > 1 ? `Put ${picked.length} pictures in` : 'Put it in'}
      blocked={picked.length ? '' : 'Pick at least one picture.'}
      form={form}
      onClose={onClose}
    >
      <AssetChoice
        query={{ kind: 'PICTURE' }}
        word="picture"
        accept="image/*"
        fits={(a) => a.width > 0}
        multiple
        picked={picked.map((a) => a.name)}
        onPick={(a, on) =>
          form.set((now) => ({ picked: [...now.picked.filter((o) => o.name !== a.name), ...(on ? [a] : [])] }))
        }
      />
    </FormDialog>
  )
}
