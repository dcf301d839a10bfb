import type { FormEvent, ReactNode } from 'react'
import type { Form } from '../form/useForm'
import { Button } from './Button'
import { Dialog, DialogButtons } from './Dialog'
import { FormState } from './FormState'

interface Props<T> {
  form: Form<T>
  title: string
  about?: string
  wide?: boolean
  /** What the main button says. */
  does: string
  blocked?: string
  onClose: () => void
  /** More buttons before the others. */
  more?: ReactNode
  /** Whether a field tells why it could not be taken. */
  quiet?: boolean
  children: ReactNode
}

/**
 * A dialog that asks for something and then does it. Escape and a click beside it leave it as it is: what was typed is there
 * when it is opened again. Cancel throws it away.
 */
export function FormDialog<T>({ form, title, about, wide, does, blocked, onClose, more, quiet, children }: Props<T>) {
  function submit(e: FormEvent) {
    e.preventDefault()
    e.stopPropagation()
    if (!blocked) form.submit()
  }
  return (
    <Dialog open wide={wide} onClose={onClose} title={title} about={about}>
      <form onSubmit={submit} className="grid gap-4">
        {children}
        <FormState form={form} quiet={quiet} />
        <DialogButtons>
          {more}
          <Button
            onClick={() => {
              form.drop()
              onClose()
            }}
          >
            Cancel
          </Button>
          <Button look="main" type="submit" blocked={blocked}>
            {does}
          </Button>
        </DialogButtons>
      </form>
    </Dialog>
  )
}
