import { NodeSelection } from 'prosemirror-state'
import { useEffect, useLayoutEffect, useRef, useState } from 'react'
import { TextButton } from '../../ui/Button'
import { Input } from '../../ui/Field'
import { useBench } from '../context'
import { useAsked } from '../useAsked'
import { around } from './commands'
import { schema } from './schema'
import { useEditor } from './useEditor'

/** What a picture says to people who cannot see it, and who made it: at the picked picture. */
export function PicturePanel({ asked }: { asked: number }) {
  const { sheet } = useBench()
  const state = useEditor()
  const found = around(state, schema.nodes.picture)
  const picked = found && state.selection instanceof NodeSelection ? found : null
  const [top, setTop] = useState(0)
  const field = useAsked<HTMLInputElement>('alternative')
  const pos = picked?.pos ?? -1
  const panel = useRef<HTMLElement>(null)

  useLayoutEffect(() => {
    const dom = pos >= 0 ? sheet.view?.nodeDOM(pos) : null
    if (!(dom instanceof HTMLElement)) return
    const place = () => {
      const frame = sheet.view?.dom.closest('.sheet')?.getBoundingClientRect()
      if (frame) setTop(dom.getBoundingClientRect().bottom - frame.top + 8)
    }
    place()
    const watch = new ResizeObserver(place)
    watch.observe(dom)
    return () => watch.disconnect()
  }, [pos, sheet])

  useEffect(() => {
    if (asked) field.current?.focus()
  }, [asked, field])

  useEffect(() => {
    if (top && pos >= 0) panel.current?.scrollIntoView({ block: 'nearest' })
  }, [top, pos])

  if (!picked) return null
  const { alt, credit } = picked.node.attrs

  function set(attrs: Record<string, unknown>) {
    const view = sheet.view
    if (!view || !picked) return
    const tr = view.state.tr.setNodeMarkup(picked.pos, null, { ...picked.node.attrs, ...attrs })
    view.dispatch(tr.setSelection(NodeSelection.create(tr.doc, picked.pos)))
  }

  function remove() {
    sheet.run((s, dispatch) => {
      dispatch?.(s.tr.deleteSelection())
      return true
    })
  }

  return (
    <section
      ref={panel}
      aria-label="The picked picture"
      style={{ top }}
      className="absolute inset-x-8 z-10 mb-4 grid scroll-mb-4 gap-2 rounded-3 border border-petrol bg-paper p-3"
      onKeyDown={(e) => {
        if (e.key === 'Escape' || (e.key === 'Enter' && e.target instanceof HTMLInputElement)) {
          e.preventDefault()
          sheet.view?.focus()
        }
      }}
    >
      <Input
        key={`alt-${pos}`}
        ref={field}
        label="Alternative text"
        hint={
          alt === ''
            ? 'Decorative: screen readers pass it over.'
            : 'What somebody who cannot see it should hear instead.'
        }
        value={alt ?? ''}
        onChange={(e) => set({ alt: e.target.value || null })}
      />
      <div className="flex flex-wrap items-center gap-4">
        <label className="flex items-center gap-2">
          <input type="checkbox" checked={alt === ''} onChange={(e) => set({ alt: e.target.checked ? '' : null })} />
          Decorative
        </label>
        <label className="flex items-center gap-2">
          Credit
          <input
            value={credit}
            onChange={(e) => set({ credit: e.target.value })}
            className="h-7 w-44 rounded-3 border border-edge bg-sheet px-2"
          />
        </label>
        <TextButton className="ml-auto" onClick={remove}>
          Take it out
        </TextButton>
      </div>
    </section>
  )
}
