import { useState } from 'react'
import type { AssetPage } from '../shared/api/types'
import { FieldFrame } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { useSubmit } from '../shared/ui/useSubmit'
import { Uses } from './Uses'

/** Puts another file in the place of an asset's, after showing where that is seen. */
export function ReplaceDialog(props: { page: AssetPage; onClose: () => void; send: (file: File) => Promise<unknown> }) {
  const [file, setFile] = useState<File | null>(null)
  const { problem, submit } = useSubmit(
    async () => file && (await props.send(file)),
    () => {},
  )
  return (
    <FormDialog
      title={`Replace “${props.page.asset.title}”`}
      about="The new file stands in every one of these places at once, for readers too. The one before is kept and can be put back."
      does="Replace it everywhere"
      blocked={file ? '' : 'Pick a file first.'}
      onClose={props.onClose}
      onSubmit={submit}
    >
      <FieldFrame label="The new file" problem={problem}>
        {({ id, describedBy }) => (
          <input
            id={id}
            aria-describedby={describedBy}
            type="file"
            onChange={(e) => setFile(e.target.files?.[0] ?? null)}
          />
        )}
      </FieldFrame>
      <Uses uses={props.page.uses} heading="Where it will be seen" />
    </FormDialog>
  )
}
