import { useQuery } from '@tanstack/react-query'
import { useLayoutEffect, useRef, useState } from 'react'
import { answer, client } from '../../shared/api/client'
import { markRange } from '../commands/marks'
import { targetsOf } from '../links/targets'
import { schema } from '../model/schema'
import { useSheet } from '../state/context'
import { useDerived } from '../state/useEditor'

/** Where the link at the cursor goes, with what can be done about it. */
export function LinkPreview() {
  const sheet = useSheet()
  useDerived((s) =>
    s.selection.empty && s.selection.$from.parent.inlineContent && markRange(s, schema.marks.link) ? s : null,
  )
  const { state } = sheet
  const strip = useRef<HTMLDivElement>(null)
  const [at, setAt] = useState<{ top: number; left: number } | null>(null)
  const { selection } = state
  const link = selection.empty && selection.$from.parent.inlineContent ? markRange(state, schema.marks.link) : null
  const from = link?.from ?? -1
  const key = (link?.attrs.href ?? '').match(/^\.\.\/items\/(.+)\.html/)?.[1] ?? ''
  const item = useQuery({
    queryKey: ['linked', key],
    queryFn: () => answer(client.GET('/editor/api/items/{key}', { params: { path: { key } } })),
    enabled: !!key,
    retry: false,
  })

  useLayoutEffect(() => {
    const frame = strip.current?.parentElement?.getBoundingClientRect()
    if (from < 0 || !sheet.view || !frame) return setAt(null)
    const box = sheet.view.coordsAtPos(from)
    setAt({ top: box.bottom - frame.top + 6, left: Math.max(8, Math.min(box.left - frame.left, frame.width - 420)) })
  }, [from, sheet])

  const href: string = link?.attrs.href ?? ''
  const button = 'h-6 rounded-3 px-2 hover:bg-soft'
  return (
    <div
      ref={strip}
      role="toolbar"
      aria-label="The link"
      hidden={!link || !at}
      style={at ?? undefined}
      className="absolute z-20 flex max-w-[26rem] items-center gap-1 rounded-3 bg-ink p-1 text-plain text-white"
    >
      <span className="min-w-0 truncate px-1">{describe()}</span>
      <button type="button" tabIndex={-1} className={button} onMouseDown={(e) => e.preventDefault()} onClick={open}>
        Open
      </button>
      <button
        type="button"
        tabIndex={-1}
        className={button}
        onMouseDown={(e) => e.preventDefault()}
        onClick={() => sheet.hooks.ask('link')}
      >
        Edit
      </button>
      <button
        type="button"
        tabIndex={-1}
        className={button}
        onMouseDown={(e) => e.preventDefault()}
        onClick={() =>
          sheet.run((s, dispatch) => {
            const range = markRange(s, schema.marks.link)
            if (range) dispatch?.(s.tr.removeMark(range.from, range.to, schema.marks.link))
            return !!range
          })
        }
      >
        Remove
      </button>
    </div>
  )

  function describe(): string {
    if (key)
      return item.data
        ? `Item “${item.data.content.title || 'Untitled'}”, ${item.data.state.labels.stage.toLowerCase()}`
        : item.isError
          ? 'An item that is not there any more'
          : 'Item …'
    if (href.startsWith('#')) {
      const target = targetsOf(state.doc).find((t) => t.anchor === href.slice(1))
      return target ? `On this page: ${target.words}` : `No place on this page is called ${href}`
    }
    return `${href.replace('../assets/', 'Asset ')}${link?.attrs.newTab ? ', new tab' : ''}`
  }

  function open() {
    if (href.startsWith('#')) {
      const target = targetsOf(state.doc).find((t) => t.anchor === href.slice(1))
      if (target) sheet.goToPosition(target.pos)
      return
    }
    const url = key
      ? `/editor/items/${key}`
      : href.startsWith('../assets/')
        ? href.replace('../assets/', '/media/')
        : href
    window.open(url, '_blank', 'noopener')
  }
}
