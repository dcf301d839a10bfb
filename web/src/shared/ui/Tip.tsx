import { Tooltip } from 'radix-ui'
import type { ReactNode } from 'react'

/** Says a tool's name and key on hover and focus. */
export function Tip({ name, shortcut, children }: { name: string; shortcut?: string; children: ReactNode }) {
  return (
    <Tooltip.Root>
      <Tooltip.Trigger asChild>{children}</Tooltip.Trigger>
      <Tooltip.Portal>
        <Tooltip.Content sideOffset={6} className="z-50 rounded-3 bg-ink px-2 py-1 text-small text-white">
          {name}
          {shortcut && <kbd className="ml-2 font-sans text-straw">{shortcut}</kbd>}
        </Tooltip.Content>
      </Tooltip.Portal>
    </Tooltip.Root>
  )
}
