import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useSite } from '../shared/api/queries'
import type { BulkProgress, Section } from '../shared/api/types'
import { useForm } from '../shared/form/useForm'
import { BulkStatus } from '../shared/ui/BulkStatus'
import { Button } from '../shared/ui/Button'
import { Dialog, DialogButtons } from '../shared/ui/Dialog'
import { Select } from '../shared/ui/Field'
import { FormDialog } from '../shared/ui/FormDialog'
import { SectionOptions } from '../shared/ui/SectionOptions'

/** Gives a section up, after saying where its items go. */
export function GiveUp({ section, onClose }: { section: Section; onClose: () => void }) {
  const site = useSite()
  const [begun, setBegun] = useState<BulkProgress | null>(null)
  const path = { slug: section.slug }
  const inIt = useQuery({
    queryKey: ['in-section', section.slug],
    queryFn: () => answer(client.GET('/editor/api/site/sections/{slug}/items', { params: { path } })),
    gcTime: 0,
  })
  const form = useForm(`giving-up:${section.slug}`, {
    stored: { to: null as string | null },
    send: ({ to }) =>
      answer(client.POST('/editor/api/site/sections/{slug}/giving-up', { params: { path }, body: { to: to ?? '' } })),
    done: setBegun,
  })
  const { to } = form.value
  if (begun)
    return (
      <Dialog open onClose={onClose} title={`Give up ${section.name}`}>
        <BulkStatus begun={begun} />
        <DialogButtons>
          <Button onClick={onClose}>Close</Button>
        </DialogButtons>
      </Dialog>
    )
  const items = inIt.data?.items
  const parts = site.data?.sections.filter((s) => s.parent === section.slug) ?? []
  return (
    <FormDialog
      form={form}
      onClose={onClose}
      title={`Give up ${section.name}`}
      about="Its addresses keep working: they lead to its items, and to the section these go to."
      does="Give the section up"
      blocked={
        items === undefined ? 'Its items are being counted.' : to === null ? 'Say first where its items go.' : ''
      }
    >
      <p>
        {items === undefined
          ? '…'
          : items === 0
            ? 'No item is in it.'
            : items === 1
              ? 'One item is in it.'
              : `${items} items are in it.`}{' '}
        {parts.length > 0 &&
          `${parts.map((p) => p.name).join(', ')} ${parts.length === 1 ? 'becomes a part' : 'become parts'} of what it is a part of.`}
      </p>
      <Select
        label="Where its items go"
        value={to ?? '?'}
        onChange={(e) => form.set({ to: e.target.value === '?' ? null : e.target.value })}
      >
        <option value="?">Choose</option>
        <option value="">To no section</option>
        <SectionOptions sections={site.data?.sections ?? []} but={(s) => s.slug === section.slug} />
      </Select>
    </FormDialog>
  )
}
