import { type RefObject, useEffect, useLayoutEffect, useRef } from 'react'
import { TextButton } from '../../shared/ui/Button'
import { nameOf, specOf } from '../blocks/kinds'
import { remove, setAttrs } from '../commands/blocks'
import { settingsOf } from '../plugins/settings'
import { useSheet } from '../state/context'
import { useDerived } from '../state/useEditor'

/** The block whose settings are open, with its position; null where none are. */
export function useOpenSettings() {
  const pos = useDerived(settingsOf)
  const node = useDerived((state) => (settingsOf(state) === null ? null : state.doc.nodeAt(settingsOf(state) ?? 0)))
  return pos !== null && node ? { pos, node } : null
}

/** The settings of the picked block as a card. Wherever it stands, it covers nothing of the text. */
export function BlockSettings({ ref }: { ref?: RefObject<HTMLElement | null> }) {
  const sheet = useSheet()
  const open = useOpenSettings()
  const own = useRef<HTMLElement>(null)
  const card = ref ?? own

  // A press beside it closes it; one on the sheet picks something else, or the same block once more.
  useEffect(() => {
    if (!open) return
    const away = (e: PointerEvent) => {
      const at = e.target
      if (!(at instanceof Element) || card.current?.contains(at) || sheet.view?.dom.contains(at)) return
      if (at.closest('[role="dialog"], [role="menu"], [role="listbox"], [data-keeps-settings]')) return
      sheet.closeSettings()
    }
    document.addEventListener('pointerdown', away)
    return () => document.removeEventListener('pointerdown', away)
  }, [open, sheet, card])

  const Form = open && specOf(open.node)?.panel
  if (!Form) return null
  const { pos, node } = open
  const set = (attrs: Record<string, unknown>) => sheet.apply(setAttrs(pos, attrs))

  function close() {
    sheet.closeSettings()
    sheet.focus()
  }

  const name = nameOf(node).toLowerCase()
  return (
    <section
      ref={card}
      aria-label={`The picked ${name}`}
      data-settings
      className="@container grid gap-2 rounded-3 border border-petrol bg-paper p-3 text-plain"
      onKeyDown={(e) => {
        if (e.defaultPrevented) return
        const field = e.target instanceof HTMLInputElement && e.target.type !== 'checkbox'
        if (e.key === 'Escape') {
          e.preventDefault()
          close()
        } else if (e.key === 'Enter' && field) {
          e.preventDefault()
          sheet.focus()
        }
      }}
    >
      <div className="flex items-center justify-between">
        <h3 className="font-semibold">{nameOf(node)}</h3>
        <button
          type="button"
          aria-label={`Close the settings of the ${name}`}
          title="Escape"
          onClick={close}
          className="rounded-3 px-1.5 text-soft hover:text-ink"
        >
          ×
        </button>
      </div>
      <Form key={pos} node={node} pos={pos} set={set} host={sheet} />
      <p className="flex justify-end">
        <TextButton onClick={() => sheet.run(remove)}>Take it out</TextButton>
      </p>
    </section>
  )
}

/** Gives the keyboard to the first field of the open settings. */
export function focusSettings() {
  document.querySelector<HTMLElement>('[data-settings] :is(input, select, textarea)')?.focus()
}

/** The settings below the block, on a sheet whose margin is folded: the text below makes room for them. */
export function SettingsBelow() {
  const sheet = useSheet()
  const open = useOpenSettings()
  const pos = open?.pos ?? null
  const card = useRef<HTMLElement>(null)
  const place = useRef<HTMLDivElement>(null)

  useLayoutEffect(() => {
    const dom = pos !== null ? sheet.view?.nodeDOM(pos) : null
    const paper = place.current?.parentElement
    const box = place.current
    if (!(dom instanceof HTMLElement) || !paper || !box) return
    const fit = () => {
      dom.style.setProperty('margin-bottom', `${box.offsetHeight + 24}px`, 'important')
      box.style.top = `${dom.getBoundingClientRect().bottom - paper.getBoundingClientRect().top + 12}px`
    }
    fit()
    const watch = new ResizeObserver(fit)
    watch.observe(box)
    watch.observe(dom)
    box.scrollIntoView({ block: 'nearest' })
    return () => {
      watch.disconnect()
      dom.style.removeProperty('margin-bottom')
    }
  }, [pos, sheet])

  return (
    <div ref={place} hidden={!open} className="absolute inset-x-8 z-10 max-lg:inset-x-2">
      <BlockSettings ref={card} />
    </div>
  )
}
