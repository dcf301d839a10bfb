import { DropdownMenu, Toolbar } from 'radix-ui'
import type { ReactNode } from 'react'
import { cx } from '../../../ui/cx'
import { useSheet } from '../../context'
import { told, tool } from '../tools'
import { useEditor } from '../useEditor'
import { runTool, stateOf } from './useTool'

/** Tools behind a word in the strip. */
export function ToolMenu({ name, ids, children }: { name: string; ids: readonly string[]; children: ReactNode }) {
  const sheet = useSheet()
  return (
    <DropdownMenu.Root modal={false}>
      <Toolbar.Button asChild>
        <DropdownMenu.Trigger
          aria-label={name}
          className="h-7 shrink-0 whitespace-nowrap rounded-3 px-1.5 hover:bg-desk data-[state=open]:bg-desk"
        >
          {children}
          <span aria-hidden className="text-soft">
            {' '}
            ▾
          </span>
        </DropdownMenu.Trigger>
      </Toolbar.Button>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          sideOffset={4}
          onCloseAutoFocus={(e) => {
            e.preventDefault()
            sheet.view?.focus()
          }}
          className="z-50 max-h-[70vh] min-w-56 overflow-auto rounded-3 border border-edge bg-sheet py-1 text-plain"
        >
          {ids.map((id, i) => (
            <Item key={`${id}${i}`} id={id} />
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

function Item({ id }: { id: string }) {
  const sheet = useSheet()
  const state = useEditor()
  if (id === '-') return <DropdownMenu.Separator className="my-1 h-px bg-line" />
  const t = tool(id)
  const { on, can } = stateOf(t, state)
  return (
    <DropdownMenu.CheckboxItem
      checked={!!on}
      aria-disabled={!can || undefined}
      onSelect={(e) => {
        if (!can) return e.preventDefault()
        // The menu gives the keyboard back first; a dialog that opens then keeps it.
        setTimeout(() => runTool(sheet, t))
      }}
      className={cx(
        'flex cursor-pointer items-center gap-3 px-3 py-1 outline-none data-[highlighted]:bg-desk',
        !can && 'text-soft',
      )}
    >
      <span className="w-3 shrink-0" aria-hidden>
        {on ? '✓' : ''}
      </span>
      {t.name}
      <kbd className="ml-auto pl-6 font-sans text-small text-soft">{t.keys && told(t.keys)}</kbd>
    </DropdownMenu.CheckboxItem>
  )
}
