import { NodeSelection, TextSelection } from 'prosemirror-state'
import { type DragEvent, useEffect, useState } from 'react'
import { nameOf } from '../blocks/kinds'
import { schema } from '../model/schema'
import { useSheet } from '../state/context'

/** Beside the block under the pointer: a plus to put something after it, and a grip to drag it by. */
export function BlockGutter() {
  const sheet = useSheet()
  const [at, setAt] = useState<{ pos: number; top: number } | null>(null)

  useEffect(() => {
    const paper = sheet.view?.dom.closest<HTMLElement>('.sheet')
    if (!paper) return
    const over = (e: MouseEvent) => {
      const view = sheet.view
      if (!view || e.buttons || (e.target instanceof Element && e.target.closest('.block-gutter'))) return
      const blocks = [...view.dom.children].filter((c): c is HTMLElement => c instanceof HTMLElement)
      const dom = blocks.find((b) => {
        const box = b.getBoundingClientRect()
        return e.clientY >= box.top - 6 && e.clientY <= box.bottom + 6
      })
      if (!dom) return setAt(null)
      const inside = view.posAtDOM(dom, 0)
      const $in = view.state.doc.resolve(Math.min(inside, view.state.doc.content.size))
      const pos = $in.depth ? $in.before(1) : inside
      const box = dom.getBoundingClientRect()
      setAt({ pos, top: box.top - paper.getBoundingClientRect().top })
    }
    const leave = () => setAt(null)
    paper.addEventListener('mousemove', over)
    paper.addEventListener('mouseleave', leave)
    const unsubscribe = sheet.subscribe(() => setAt(null))
    return () => {
      paper.removeEventListener('mousemove', over)
      paper.removeEventListener('mouseleave', leave)
      unsubscribe()
    }
  }, [sheet])

  const node = at ? sheet.state.doc.nodeAt(at.pos) : null
  if (!at || !node) return null

  function add() {
    if (!at || !node) return
    const after = at.pos + node.nodeSize
    sheet.run((state, dispatch) => {
      const empty = node.type.name === 'paragraph' && !node.content.size
      const tr = empty ? state.tr : state.tr.insert(after, schema.nodes.paragraph.create())
      dispatch?.(tr.setSelection(TextSelection.create(tr.doc, (empty ? at.pos : after) + 1)))
      return true
    })
    sheet.hooks.ask('insert')
  }

  function drag(e: DragEvent) {
    const view = sheet.view
    if (!view || !at) return
    view.dispatch(view.state.tr.setSelection(NodeSelection.create(view.state.doc, at.pos)))
    const slice = view.state.selection.content()
    const { dom, text } = view.serializeForClipboard(slice)
    e.dataTransfer.clearData()
    e.dataTransfer.setData('text/html', dom.innerHTML)
    e.dataTransfer.setData('text/plain', text)
    e.dataTransfer.effectAllowed = 'copyMove'
    view.dragging = { slice, move: true }
  }

  const button = 'grid size-5 place-items-center rounded-3 text-soft hover:bg-desk hover:text-ink'
  return (
    // The keyboard has keys of its own for both.
    <div className="block-gutter absolute left-1 z-10 flex" style={{ top: at.top }} aria-hidden>
      <button type="button" tabIndex={-1} className={button} title="Put something after this" onClick={add}>
        +
      </button>
      <button
        type="button"
        tabIndex={-1}
        className={`${button} cursor-grab`}
        title={`Drag the ${nameOf(node).toLowerCase()}`}
        draggable
        onDragStart={drag}
        onClick={() => sheet.goToPosition(at.pos)}
      >
        ⠿
      </button>
    </div>
  )
}
