import { useAssets } from '../../shared/api/queries'
import { Input, Select } from '../../shared/ui/Field'
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

/** What a player is called, its captions, and what a film shows before it plays. */
export function PlayerForm({ node, set, host }: PanelProps) {
  const assets = useAssets()
  const { title, captions, poster, width } = node.attrs
  const tracks = (assets.data ?? []).filter((a) => a.name.endsWith('.vtt'))
  const pictures = (assets.data ?? []).filter((a) => a.width > 0)
  const address = (name: string) => (name ? `../assets/${name}` : '')
  const name = (src: string) => src.replace('../assets/', '')
  return (
    <>
      <Input label="Title" value={title} onChange={(e) => set({ title: e.target.value })} />
      <div className="grid grid-cols-2 gap-4 @md:grid-cols-3">
        <Select
          label="Captions"
          value={captions ? name(captions.src) : ''}
          onChange={(e) =>
            set({
              captions: e.target.value
                ? { src: address(e.target.value), language: captions?.language ?? host.writingLanguage.language }
                : null,
            })
          }
        >
          <option value="">None</option>
          {[...new Set([...tracks.map((t) => t.name), ...(captions ? [name(captions.src)] : [])])].map((t) => (
            <option key={t}>{t}</option>
          ))}
        </Select>
        {node.type.name === 'video' && (
          <>
            <Select
              label="Picture before it plays"
              value={name(poster)}
              onChange={(e) => set({ poster: address(e.target.value) })}
            >
              <option value="">None</option>
              {pictures.map((p) => (
                <option key={p.name} value={p.name}>
                  {p.title}
                </option>
              ))}
            </Select>
            <WidthField value={width} set={(w) => set({ width: w })} />
          </>
        )}
      </div>
    </>
  )
}
