import type { AssetPage } from '../shared/api/types'
import { useForm } from '../shared/form/useForm'
import { FieldFrame } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { Uses } from './Uses'

/** Puts another file in the place of an asset's, after showing where that is seen. */
export function ReplaceDialog(props: { page: AssetPage; onClose: () => void; send: (file: File) => Promise<unknown> }) {
  const form = useForm(`file:${props.page.asset.name}`, {
    stored: { file: null as File | null },
    send: async ({ file }) => file && (await props.send(file)),
    // No browser keeps a file that was picked.
    secret: true,
  })
  return (
    <FormDialog
      title={`Replace “${props.page.asset.title}”`}
      about="The new file stands in every one of these places at once, for readers too. The one before is kept and can be put back."
      does="Replace it everywhere"
      blocked={form.value.file ? '' : 'Pick a file first.'}
      form={form}
      quiet
      onClose={props.onClose}
    >
      <FieldFrame label="The new file" problem={form.problem}>
        {({ id, describedBy }) => (
          <input
            id={id}
            aria-describedby={describedBy}
            type="file"
            onChange={(e) => form.set({ file: e.target.files?.[0] ?? null })}
          />
        )}
      </FieldFrame>
      <Uses uses={props.page.uses} heading="Where it will be seen" />
    </FormDialog>
  )
}
