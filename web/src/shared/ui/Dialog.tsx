import { Dialog as Radix } from 'radix-ui'
import type { ReactNode } from 'react'
import { GivesBack } from './GivesBack'

interface Props {
  open: boolean
  onClose: () => void
  title: string
  /** What the dialog is for, in a sentence. */
  about?: string
  wide?: boolean
  /** Whether it can only be left by one of its own buttons. */
  firm?: boolean
  /** Whether something within it takes Escape now, so that it stays open. */
  keepsEscape?: () => boolean
  children: ReactNode
}

/**
 * A dialog over everything else. The keyboard stays in it, and Escape closes it. It hangs from a place that stays, so that
 * nothing moves under the pointer when more comes into it.
 */
export function Dialog({ open, onClose, title, about, wide, firm, keepsEscape, children }: Props) {
  return (
    <Radix.Root open={open} onOpenChange={(now) => !now && !firm && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Radix.Content
          {...(about ? {} : { 'aria-describedby': undefined })}
          onCloseAutoFocus={(e) => e.preventDefault()}
          onEscapeKeyDown={(e) => (firm || listIsOpen() || keepsEscape?.()) && e.preventDefault()}
          onInteractOutside={(e) => firm && e.preventDefault()}
          className={`fixed top-[4vh] left-1/2 z-50 flex max-h-[92vh] w-[calc(100vw-2rem)] -translate-x-1/2 flex-col rounded-3 border border-edge bg-paper ${wide ? 'max-w-5xl' : 'max-w-md sm:top-[12vh] sm:max-h-[84vh]'}`}
        >
          <GivesBack />
          <div className="border-line border-b px-5 py-3">
            <Radix.Title className="font-semibold font-serif text-large">{title}</Radix.Title>
            {about && <Radix.Description className="text-soft">{about}</Radix.Description>}
          </div>
          <div className="min-h-0 overflow-auto px-5 py-4">{children}</div>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}

/** Escape closes the open list of a field first. */
function listIsOpen(): boolean {
  const field = document.activeElement
  return (
    field?.getAttribute('role') === 'combobox' &&
    field.getAttribute('aria-expanded') === 'true' &&
    !field.hasAttribute('cmdk-input')
  )
}

/** The row of buttons at the end of a dialog. */
export function DialogButtons({ children }: { children: ReactNode }) {
  return <div className="mt-5 flex flex-wrap justify-end gap-2">{children}</div>
}
