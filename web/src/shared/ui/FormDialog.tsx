import type { FormEvent, ReactNode } from 'react'
import { Button } from './Button'
import { Dialog, DialogButtons } from './Dialog'
import { useOnce } from './useOnce'

interface Props {
  title: string
  about?: string
  wide?: boolean
  /** What the main button says. */
  does: string
  blocked?: string
  onClose: () => void
  /** Does it. While it waits for an answer, pressing again does nothing. */
  onSubmit: () => unknown
  /** More buttons before the others. */
  more?: ReactNode
  children: ReactNode
}

/** A dialog that asks for something and then does it. */
export function FormDialog({ title, about, wide, does, blocked, onClose, onSubmit, more, children }: Props) {
  const once = useOnce()

  function submit(e: FormEvent) {
    e.preventDefault()
    e.stopPropagation()
    if (!blocked) once(onSubmit)
  }
  return (
    <Dialog open wide={wide} onClose={onClose} title={title} about={about}>
      <form onSubmit={submit} className="grid gap-4">
        {children}
        <DialogButtons>
          {more}
          <Button onClick={onClose}>Cancel</Button>
          <Button look="main" type="submit" blocked={blocked}>
            {does}
          </Button>
        </DialogButtons>
      </form>
    </Dialog>
  )
}
