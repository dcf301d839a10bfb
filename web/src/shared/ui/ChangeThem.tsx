import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../api/client'
import type { BulkInput, BulkProgress } from '../api/types'
import { useForm } from '../form/useForm'
import { BulkStatus, Lines } from './BulkStatus'
import { Button, TextButton } from './Button'
import { Dialog, DialogButtons } from './Dialog'
import { FormDialog } from './FormDialog'

interface Props {
  given: BulkInput
  /** Where there is something to go back to. */
  onBack?: () => void
  /** Runs as soon as it is under way. */
  onBegun?: () => void
  onClose: () => void
}

/** A change of several items: looked at first, then made and followed, and taken back. */
export function ChangeThem({ given, onBack, onBegun, onClose }: Props) {
  const [begun, setBegun] = useState<BulkProgress | null>(null)
  const looked = useQuery({
    queryKey: ['bulk', 'look', given],
    queryFn: () => answer(client.POST('/editor/api/bulk/look', { body: given })),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  })
  const form = useForm('bulk-begun', {
    stored: {},
    send: () => answer(client.POST('/editor/api/bulk', { body: given })),
    done: (progress) => {
      setBegun(progress)
      onBegun?.()
    },
    // Nothing is typed in it.
    secret: true,
  })
  const count = given.keys.length === 1 ? '1 item' : `${given.keys.length} items`
  if (begun)
    return (
      <Dialog open onClose={onClose} title={`Change ${count}`} wide>
        <BulkStatus begun={begun} />
        <DialogButtons>
          <Button onClick={onClose}>Close</Button>
        </DialogButtons>
      </Dialog>
    )
  const lines = looked.data ?? []
  const of = (outcome: string) => lines.filter((l) => l.outcome === outcome).length
  return (
    <FormDialog
      onClose={onClose}
      wide
      title={`Change ${count}`}
      about="What would become of each. Nothing is changed yet, and all of it can be taken back afterwards."
      does={`Change ${count}`}
      blocked={
        !looked.data ? 'It is still being looked at.' : of('CHANGED') ? '' : 'Nothing of this would change any of them.'
      }
      form={form}
      more={
        onBack && (
          <Button look="quiet" className="mr-auto" onClick={onBack}>
            Back
          </Button>
        )
      }
    >
      {looked.error ? (
        <p role="alert" className="text-rust">
          {looked.error.message} <TextButton onClick={() => looked.refetch()}>Try again</TextButton>
        </p>
      ) : (
        <p role="status">
          {looked.data
            ? `${lines.length < given.keys.length ? `The first ${lines.length}: ` : ''}${of('CHANGED')} would change, ${of('SAME')} are so already, ${of('REFUSED')} cannot be changed.`
            : 'Looking at each of them …'}
        </p>
      )}
      {looked.data && <Lines lines={lines} />}
    </FormDialog>
  )
}
