import { useRef } from 'react'
import type { Asset } from '../api/types'
import { Button } from './Button'
import { useBringIn } from './useBringIn'

interface Props {
  /** What it says. */
  children: string
  /** What may be picked, as the attribute of a file field has it; anything where it is left out. */
  accept?: string
  main?: boolean
  /** Whether where and with what pictures were taken stays in them. */
  whole?: boolean
  /** Is told of each, once the lists of assets hold it. */
  onAdded?: (asset: Asset) => void
}

/** Lets somebody pick files, and brings them in. A ComingList beside it shows how that goes. */
export function BringInButton({ children, accept, main, whole, onAdded }: Props) {
  const field = useRef<HTMLInputElement>(null)
  const bring = useBringIn(onAdded, whole)
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
          bring([...(e.target.files ?? [])])
          e.target.value = ''
        }}
      />
    </>
  )
}
