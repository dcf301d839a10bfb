import { DropdownMenu } from 'radix-ui'
import type { ReactNode } from 'react'
import { cx } from './cx'
import { GivesBack } from './GivesBack'

/** A menu that a button opens. */
export function Menu({
  trigger,
  children,
  align = 'end',
}: {
  trigger: ReactNode
  children: ReactNode
  align?: 'start' | 'end'
}) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align={align}
          sideOffset={4}
          className="z-50 min-w-44 rounded-3 border border-edge bg-sheet py-1 text-plain"
        >
          <GivesBack />
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}

interface ItemProps {
  onSelect: () => void
  /** Why it cannot be used now; it can still be reached and read. */
  blocked?: string
  children: ReactNode
}

export function MenuItem({ onSelect, blocked, children }: ItemProps) {
  return (
    <DropdownMenu.Item
      aria-disabled={blocked ? true : undefined}
      onSelect={(e) => (blocked ? e.preventDefault() : onSelect())}
      className={cx('cursor-pointer px-3 py-1.5 outline-none data-[highlighted]:bg-desk', blocked && 'text-soft')}
    >
      {children}
      {blocked && <span className="block max-w-64 text-small">{blocked}</span>}
    </DropdownMenu.Item>
  )
}
