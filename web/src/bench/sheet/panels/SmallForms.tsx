import { useState } from 'react'
import { useAssets } from '../../../api/queries'
import { Button } from '../../../ui/Button'
import { Input, Select } from '../../../ui/Field'
import { useSheet } from '../../context'
import { HtmlDialog } from '../dialogs/HtmlDialog'
import { judgeAddress } from '../targets'
import type { PanelProps } from './BlockPanel'
import { WidthField } from './PictureForm'

const shapes: [string, string][] = [
  ['16 / 9', 'Wide, 16 to 9'],
  ['4 / 3', 'Classic, 4 to 3'],
  ['1 / 1', 'Square'],
  ['9 / 16', 'Tall, 9 to 16'],
  ['21 / 9', 'Panorama, 21 to 9'],
]

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

export function PlayerForm({ node, set }: PanelProps) {
  const sheet = useSheet()
  const assets = useAssets()
  const { title, captions, poster, width } = node.attrs
  const tracks = (assets.data ?? []).filter((a) => a.name.endsWith('.vtt'))
  const pictures = (assets.data ?? []).filter((a) => a.width > 0)
  const address = (name: string) => (name ? `../assets/${name}` : '')
  const name = (src: string) => src.replace('../assets/', '')
  return (
    <>
      <Input label="Title" value={title} onChange={(e) => set({ title: e.target.value })} />
      <div className="grid grid-cols-2 gap-4 sm:grid-cols-3">
        <Select
          label="Captions"
          value={captions ? name(captions.src) : ''}
          onChange={(e) =>
            set({
              captions: e.target.value
                ? { src: address(e.target.value), language: captions?.language ?? sheet.speech.language }
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

export function DownloadForm({ node, set }: PanelProps) {
  return (
    <Input
      label="Words of the link"
      hint={`${node.attrs.asset.replace('../assets/', '')}. The page adds its kind and size.`}
      value={node.attrs.label}
      onChange={(e) => set({ label: e.target.value })}
    />
  )
}

export function ButtonForm({ node, set }: PanelProps) {
  const { href, label, newTab } = node.attrs
  const [given, setGiven] = useState<string>(href)
  const [problem, setProblem] = useState('')

  async function take() {
    setProblem('')
    const judged = await judgeAddress(given)
    if (judged.problem) setProblem(judged.problem)
    else set({ href: judged.address })
  }

  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <Input label="Words on the button" value={label} onChange={(e) => set({ label: e.target.value })} />
      <Input label="Address" value={given} problem={problem} onChange={(e) => setGiven(e.target.value)} onBlur={take} />
      <label className="flex items-center gap-2">
        <input type="checkbox" checked={newTab} onChange={(e) => set({ newTab: e.target.checked })} />
        Opens a new tab, and says so
      </label>
    </div>
  )
}

export function JumpForm({ node, pos }: PanelProps) {
  const sheet = useSheet()
  const [name, setName] = useState<string>(node.attrs.anchor)
  const problem = name === node.attrs.anchor ? '' : sheet.targetProblem(name, node.attrs.anchor)
  return (
    <Input
      label="Name"
      hint="Links in this text that lead here follow a new name."
      value={name}
      problem={problem}
      onChange={(e) => setName(e.target.value.trim())}
      onBlur={() => !problem && name && sheet.renameTarget(node.attrs.anchor, name, pos)}
    />
  )
}

export function HtmlForm({ node, set }: PanelProps) {
  const sheet = useSheet()
  const [open, setOpen] = useState(false)
  return (
    <>
      <p>
        <Button onClick={() => setOpen(true)}>Change the HTML</Button>
      </p>
      {open && (
        <HtmlDialog
          start={node.attrs.html}
          put={(html) => set({ html })}
          onClose={() => {
            setOpen(false)
            setTimeout(() => sheet.view?.focus())
          }}
        />
      )}
    </>
  )
}
