import { type PointerEvent, useEffect, useRef, useState } from 'react'
import { answer, client } from '../shared/api/client'
import type { AssetEdit, AssetPage } from '../shared/api/types'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { Button } from '../shared/ui/Button'
import { Input, Select } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { flip, type Part, resized, settled, turn, turnedSize, WHOLE } from './cut'

const shapes: Record<string, number | null> = {
  Free: null,
  '16 to 9': 16 / 9,
  '4 to 3': 4 / 3,
  '3 to 2': 1.5,
  Square: 1,
  '2 to 3': 2 / 3,
}
const corners = ['nw', 'ne', 'sw', 'se'] as const

/** As high as a picture is in the dialog, in pixels. */
const HIGH = 380

/** Cuts, turns and flips a picture, and says what every automatic crop is to keep in sight. */
export function CutDialog({
  page,
  onClose,
  onDone,
}: {
  page: AssetPage
  onClose: () => void
  onDone: (page: AssetPage) => void
}) {
  const [shape, setShape] = useState('Free')
  const path = { name: page.asset.name }
  const form = useForm(`cut:${page.asset.name}`, {
    stored: { edit: page.edit },
    revision: page.revision,
    send: (typed, seen) =>
      answer(client.PUT('/editor/api/assets/{name}/edit', { params: { path, header: on(seen) }, body: typed.edit })),
    read: (theirs: AssetPage) => ({ edit: theirs.edit }),
    done: onDone,
    labels: { edit: 'How it is cut' },
  })
  const { edit } = form.value
  const setEdit = (next: AssetEdit) => form.set({ edit: next })
  const size = turnedSize(page.wholeWidth, page.wholeHeight, edit.quarters)
  const ratio = shapes[shape] ?? null
  const part = (next: Part) => setEdit({ ...edit, ...settled(next, size, ratio) })

  function pick(name: string) {
    setShape(name)
    setEdit({ ...edit, ...settled(edit, size, shapes[name] ?? null) })
  }

  return (
    <FormDialog
      title={`Cut and turn “${page.asset.title}”`}
      about="The file stays as it is; everything can be taken back. All items that use the picture show it so."
      wide
      does="Use it like this"
      form={form}
      onClose={onClose}
      more={
        <Button
          look="quiet"
          onClick={() => {
            setShape('Free')
            setEdit({ quarters: 0, mirrored: false, ...WHOLE, focusX: 0.5, focusY: 0.5 })
          }}
        >
          As it came
        </Button>
      }
    >
      <div className="flex flex-wrap items-end gap-2">
        <Button onClick={() => setEdit(turn(edit, 3))}>Turn left</Button>
        <Button onClick={() => setEdit(turn(edit, 1))}>Turn right</Button>
        <Button onClick={() => setEdit(flip(edit))}>Flip left to right</Button>
        <Button onClick={() => setEdit(turn(flip(edit), 2))}>Flip upside down</Button>
        <Button onClick={() => part(WHOLE)}>All of it</Button>
        <div className="w-32">
          <Select label="Shape" value={shape} onChange={(e) => pick(e.target.value)}>
            {Object.keys(shapes).map((name) => (
              <option key={name}>{name}</option>
            ))}
          </Select>
        </div>
      </div>
      <div className="grid gap-5 md:grid-cols-[1fr_15rem]">
        <Stage
          page={page}
          edit={edit}
          size={size}
          onPart={part}
          onFocus={(focusX, focusY) => setEdit({ ...edit, focusX, focusY })}
        />
        <Numbers edit={edit} size={size} onPart={part} onEdit={setEdit} />
      </div>
    </FormDialog>
  )
}

interface StageProps {
  page: AssetPage
  edit: AssetEdit
  size: [number, number]
  onPart: (part: Part) => void
  onFocus: (x: number, y: number) => void
}

/** The whole picture with the part that is shown; the part is moved and drawn larger by its corners, the focus by its ring. */
function Stage({ page, edit, size, onPart, onFocus }: StageProps) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const [image, setImage] = useState<HTMLImageElement | null>(null)
  useEffect(() => {
    const loading = new Image()
    loading.onload = () => setImage(loading)
    loading.src = page.whole
  }, [page.whole])
  const shown = Math.min(1, HIGH / size[1], 600 / size[0])
  const [w, h] = [Math.round(size[0] * shown), Math.round(size[1] * shown)]
  useEffect(() => {
    const at = canvas.current?.getContext('2d')
    if (!at || !image) return
    const [iw, ih] = turnedSize(w, h, edit.quarters)
    at.clearRect(0, 0, w, h)
    at.save()
    at.translate(w / 2, h / 2)
    at.rotate((edit.quarters * Math.PI) / 2)
    if (edit.mirrored) at.scale(-1, 1)
    at.drawImage(image, -iw / 2, -ih / 2, iw, ih)
    at.restore()
  }, [image, w, h, edit.quarters, edit.mirrored])

  /** Follows a pointer, in shares of the picture since it went down. */
  function drag(e: PointerEvent, move: (dx: number, dy: number) => void) {
    e.preventDefault()
    e.stopPropagation()
    const at = e.currentTarget as HTMLElement
    const from = [e.clientX, e.clientY]
    at.setPointerCapture(e.pointerId)
    at.onpointermove = (m) => move((m.clientX - (from[0] ?? 0)) / w, (m.clientY - (from[1] ?? 0)) / h)
    at.onpointerup = () => {
      at.onpointermove = null
    }
  }
  const percent = (share: number) => `${share * 100}%`
  const place = {
    left: percent(edit.left),
    top: percent(edit.top),
    width: percent(edit.width),
    height: percent(edit.height),
  }
  return (
    <div className="relative select-none justify-self-center" style={{ width: w, height: h }}>
      <canvas ref={canvas} width={w} height={h} className="block" />
      <div className="pointer-events-none absolute inset-0 overflow-hidden">
        <div className="absolute shadow-[0_0_0_9999px_rgb(29_36_51_/_0.6)]" style={place} />
      </div>
      <div
        data-testid="part"
        onPointerDown={(e) => drag(e, (dx, dy) => onPart({ ...edit, left: edit.left + dx, top: edit.top + dy }))}
        className="absolute cursor-move border-2 border-white outline outline-ink"
        style={place}
      >
        {corners.map((c) => (
          <span
            key={c}
            onPointerDown={(e) => drag(e, (dx, dy) => onPart(resized(edit, c, dx, dy)))}
            className={`absolute size-4 border-2 border-ink bg-white ${c.startsWith('n') ? '-top-2' : '-bottom-2'} ${c.endsWith('w') ? '-left-2' : '-right-2'} ${c === 'nw' || c === 'se' ? 'cursor-nwse-resize' : 'cursor-nesw-resize'}`}
          />
        ))}
        <span
          onPointerDown={(e) =>
            drag(e, (dx, dy) => onFocus(inside(edit.focusX + dx / edit.width), inside(edit.focusY + dy / edit.height)))
          }
          title="What every automatic crop keeps in sight"
          className="absolute size-6 -translate-x-1/2 -translate-y-1/2 cursor-crosshair rounded-full border-2 border-white outline-2 outline-ink"
          style={{ left: percent(edit.focusX), top: percent(edit.focusY) }}
        />
      </div>
    </div>
  )
}

function inside(share: number): number {
  return Math.max(0, Math.min(1, share))
}

/** A number while somebody types it: what is there is what was typed, whatever is made of it meanwhile. */
function NumberInput(props: { label: string; value: number; most: number; set: (value: number) => void }) {
  const [typed, setTyped] = useState<string | null>(null)
  return (
    <Input
      label={props.label}
      type="number"
      min={0}
      max={props.most}
      value={typed ?? String(props.value)}
      onBlur={() => setTyped(null)}
      onChange={(e) => {
        setTyped(e.target.value)
        if (Number.isFinite(e.target.valueAsNumber)) props.set(e.target.valueAsNumber)
      }}
    />
  )
}

interface NumbersProps {
  edit: AssetEdit
  size: [number, number]
  onPart: (part: Part) => void
  onEdit: (edit: AssetEdit) => void
}

/** The same by numbers, and so by keys alone. */
function Numbers({ edit, size: [width, height], onPart, onEdit }: NumbersProps) {
  const number = (label: string, value: number, most: number, set: (value: number) => void) => (
    <NumberInput label={label} value={Math.round(value)} most={most} set={set} />
  )
  return (
    <div className="grid content-start gap-3">
      <fieldset className="grid grid-cols-2 gap-2">
        <legend className="pb-1 font-semibold">The part, in pixels</legend>
        {number('From the left', edit.left * width, width, (v) =>
          onPart({ ...edit, left: v / width, width: Math.min(edit.width, 1 - v / width) }),
        )}
        {number('From the top', edit.top * height, height, (v) =>
          onPart({ ...edit, top: v / height, height: Math.min(edit.height, 1 - v / height) }),
        )}
        {number('Width', edit.width * width, width, (v) => onPart({ ...edit, width: v / width }))}
        {number('Height', edit.height * height, height, (v) => onPart({ ...edit, height: v / height }))}
      </fieldset>
      <fieldset className="grid grid-cols-2 gap-2">
        <legend className="pb-1 font-semibold">To keep in sight, in hundredths</legend>
        {number('Across', edit.focusX * 100, 100, (v) => onEdit({ ...edit, focusX: inside(v / 100) }))}
        {number('Down', edit.focusY * 100, 100, (v) => onEdit({ ...edit, focusY: inside(v / 100) }))}
      </fieldset>
      <p className="text-small text-soft">
        The ring stands on what matters most. Wherever a page cuts the picture to a shape of its own, it stays in sight.
      </p>
    </div>
  )
}
