import { useState } from 'react'
import { Button } from '../../shared/ui/Button'
import { HtmlEditor } from './HtmlEditor'
import type { PanelProps } from './props'

/** A piece of HTML, to be changed in the editor it came from. */
export function HtmlForm({ node, set }: PanelProps) {
  const [open, setOpen] = useState(false)
  return (
    <>
      <p>
        <Button onClick={() => setOpen(true)}>Change the HTML</Button>
      </p>
      {open && <HtmlEditor start={node.attrs.html} put={(html) => set({ html })} onClose={() => setOpen(false)} />}
    </>
  )
}
