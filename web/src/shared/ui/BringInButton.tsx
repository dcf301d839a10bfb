import { useRef } from 'react'
import type { Added } from '../api/types'
import { bringIn } from '../store/coming'
import { Button } from './Button'

interface Props {
  /** What it says. */
  children: string
  /** What may be picked, as the attribute of a file field has it; anything where it is left out. */
  accept?: string
  main?: boolean
  onAdded?: (added: Added) => void
}

/** Lets somebody pick files, and brings them in. */
export function BringInButton({ children, accept, main, onAdded }: Props) {
  const field = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button look={main ? 'main' : 'plain'} onClick={() => field.current?.click()}>
        {children}
      </Button>
      <input
        ref={field}
        type="file"
        multiple
        accept={accept}
        aria-label={children}
        tabIndex={-1}
        className="sr-only"
        onChange={(e) => {
          bringIn([...(e.target.files ?? [])], onAdded)
          e.target.value = ''
        }}
      />
    </>
  )
}
