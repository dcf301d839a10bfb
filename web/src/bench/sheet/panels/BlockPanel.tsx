import type { Node } from 'prosemirror-model'
import { NodeSelection } from 'prosemirror-state'
import { type ReactNode, useEffect, useLayoutEffect, useRef, useState } from 'react'
import { TextButton } from '../../../ui/Button'
import { useSheet } from '../../context'
import { remove, setAttrs } from '../commands/blocks'
import { nameOf } from '../names'
import { useDerived } from '../useEditor'
import { ContactFormPanel } from './ContactFormPanel'
import { ItemListForm, RelatedForm } from './ItemForms'
import { PictureForm } from './PictureForm'
import { ButtonForm, DownloadForm, EmbedForm, HtmlForm, JumpForm, PlayerForm } from './SmallForms'

export interface PanelProps {
  node: Node
  pos: number
  set: (attrs: Record<string, unknown>) => void
}

const forms: Record<string, (props: PanelProps) => ReactNode> = {
  picture: PictureForm,
  embed: EmbedForm,
  audio: PlayerForm,
  video: PlayerForm,
  download: DownloadForm,
  button_link: ButtonForm,
  jump_target: JumpForm,
  item_list: ItemListForm,
  related_items: RelatedForm,
  contact_form: ContactFormPanel,
  html: HtmlForm,
}

/** The settings of the picked block, at the block. */
export function BlockPanel({ asked }: { asked: number }) {
  const sheet = useSheet()
  const node = useDerived(({ selection }) =>
    selection instanceof NodeSelection && forms[selection.node.type.name] ? selection.node : null,
  )
  const pos = useDerived(({ selection }) => (selection instanceof NodeSelection ? selection.from : -1))
  const [top, setTop] = useState(0)
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
    if (asked) panel.current?.querySelector<HTMLElement>('input, select, textarea, button')?.focus()
  }, [asked])

  useEffect(() => {
    if (top && pos >= 0) panel.current?.scrollIntoView({ block: 'nearest' })
  }, [top, pos])

  if (!node) return null
  const Form = forms[node.type.name]
  const set = (attrs: Record<string, unknown>) => sheet.apply(setAttrs(pos, attrs))

  return (
    <section
      ref={panel}
      aria-label={`The picked ${nameOf(node).toLowerCase()}`}
      style={{ top }}
      className="absolute inset-x-8 z-10 mb-4 grid scroll-mb-4 gap-2 rounded-3 border border-petrol bg-paper p-3 text-plain"
      onKeyDown={(e) => {
        if (e.defaultPrevented) return
        const field = e.target instanceof HTMLInputElement && e.target.type !== 'checkbox'
        if (e.key === 'Escape' || (e.key === 'Enter' && field)) {
          e.preventDefault()
          sheet.view?.focus()
        }
      }}
    >
      <Form key={pos} node={node} pos={pos} set={set} />
      <p className="flex justify-end">
        <TextButton onClick={() => sheet.run(remove)}>Take it out</TextButton>
      </p>
    </section>
  )
}
