import { useState } from 'react'
import type { OneTimeLink } from '../shared/api/types'
import { Button } from '../shared/ui/Button'
import { Input } from '../shared/ui/Field'

interface Props {
  name: string
  link: OneTimeLink
  onDone: () => void
}

/** A one-time link to be copied and handed on; it is shown this once. */
export function LinkShown({ name, link, onDone }: Props) {
  const [copied, setCopied] = useState('')

  async function copy() {
    try {
      await navigator.clipboard.writeText(link.address)
      setCopied('Copied.')
    } catch {
      setCopied('Select the link and copy it.')
    }
  }

  return (
    <div className="grid gap-2 border border-line bg-sheet px-3 py-2">
      <Input
        label={`Link for ${name}`}
        hint={`It works once, for three days, and replaces any before it. ${link.mailed ? 'It went out as a letter too.' : 'Nothing was sent: hand it on yourself.'}`}
        value={link.address}
        readOnly
        onFocus={(e) => e.target.select()}
      />
      <p className="flex items-center gap-3">
        <Button onClick={copy}>Copy</Button>
        <Button look="quiet" onClick={onDone}>
          Done
        </Button>
        <span role="status">{copied}</span>
      </p>
    </div>
  )
}
