import { DropdownMenu, Toolbar } from 'radix-ui'
import { Fragment, type ReactNode, useState } from 'react'
import { flushSync } from 'react-dom'
import { cx } from '../../shared/ui/cx'
import { GivesBack } from '../../shared/ui/GivesBack'
import { useSheet } from '../state/context'
import { useDerived, useEditor } from '../state/useEditor'
import { keyNow } from '../tools/ownKeys'
import { told } from '../tools/registry'
import { isOffered, type Tool } from '../tools/tool'
import { runTool, stateOf } from './useTool'

interface Props {
  name: string
  /** The tools, in parts with a line between them. */
  parts: Tool[][]
  /** Whether one of them holds at a time, as of kinds of block. */
  one?: boolean
  className?: string
  children: ReactNode
}

/** Tools behind a word in the strip. */
export function ToolMenu({ name, parts, one, className, children }: Props) {
  const sheet = useSheet()
  const [open, setOpen] = useState(false)
  const offered = useDerived((state) =>
    parts.flatMap((p) => p.filter((t) => isOffered(t, state)).map((t) => t.id)).join(' '),
  )
  const shown = parts.map((p) => p.filter((t) => offered.split(' ').includes(t.id))).filter((p) => p.length)
  if (!shown.length) return null
  return (
    <DropdownMenu.Root modal={false} open={open} onOpenChange={setOpen}>
      <Toolbar.Button asChild>
        <DropdownMenu.Trigger
          aria-label={name}
          className={cx(
            'h-7 shrink-0 whitespace-nowrap rounded-3 px-1.5 hover:bg-desk data-[state=open]:bg-desk',
            className,
          )}
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
          onCloseAutoFocus={(e) => e.preventDefault()}
          className="z-50 max-h-[70vh] min-w-56 overflow-auto rounded-3 border border-edge bg-sheet py-1 text-plain"
        >
          <GivesBack to={() => sheet.view?.dom} />
          {shown.map((part, i) => (
            <Fragment key={part[0]?.id}>
              {i > 0 && <DropdownMenu.Separator className="my-1 h-px bg-line" />}
              {part.map((t) => (
                <Item key={t.id} tool={t} one={one} close={() => flushSync(() => setOpen(false))} />
              ))}
            </Fragment>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

function Item({ tool, one, close }: { tool: Tool; one?: boolean; close: () => void }) {
  const sheet = useSheet()
  const { on, can } = stateOf(tool, useEditor())
  const keys = keyNow(tool)
  const shared = {
    'aria-disabled': !can || undefined,
    'aria-keyshortcuts': keys ? told(keys).replace('Ctrl', 'Control') : undefined,
    onSelect: (e: Event) => {
      e.preventDefault()
      if (!can) return
      // The menu closes first and gives the keyboard back, at once: the next key may be one for the text.
      close()
      sheet.focus()
      runTool(sheet, tool)
    },
    className: cx(
      'flex cursor-pointer items-center gap-3 px-3 py-1 outline-none data-[highlighted]:bg-desk',
      !can && 'cursor-default text-soft',
    ),
  }
  const content = (
    <>
      <span className="w-3 shrink-0" aria-hidden>
        {on ? '✓' : ''}
      </span>
      {tool.name}
      <kbd className="ml-auto pl-6 font-sans text-small text-soft">{keys && told(keys)}</kbd>
    </>
  )
  // What does not toggle is a plain item: a screen reader must not call it “not checked”.
  if (tool.on === undefined) return <DropdownMenu.Item {...shared}>{content}</DropdownMenu.Item>
  return (
    <DropdownMenu.CheckboxItem {...shared} role={one ? 'menuitemradio' : 'menuitemcheckbox'} checked={!!on}>
      {content}
    </DropdownMenu.CheckboxItem>
  )
}
