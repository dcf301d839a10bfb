import { useQuery } from '@tanstack/react-query'
import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import type { ExternalSettings } from '../shared/api/types'
import { on } from '../shared/form/change'
import { useForm } from '../shared/form/useForm'
import { AddButton } from '../shared/ui/AddButton'
import { Button, TextButton } from '../shared/ui/Button'
import { Facts } from '../shared/ui/Facts'
import { FieldFrame, fieldBox, Input } from '../shared/ui/Field'
import { FormState } from '../shared/ui/FormState'
import { AsAtFirst, useDefaults } from './AsAtFirst'

const blank: ExternalSettings = { hosts: [], contactAddress: '', fetchHosts: [], revision: '' }

/** Which hosts may be shown in pages, and where the messages of visitors go. */
export function External({ blocked }: { blocked: string }) {
  const external = useQuery({ queryKey: ['external'], queryFn: () => answer(client.GET('/editor/api/site/external')) })
  const refresh = useRefresh()
  const first = useDefaults()?.external

  const form = useForm('external', {
    stored: external.data,
    blank,
    revision: external.data?.revision,
    send: (body, seen) => answer(client.PUT('/editor/api/site/external', { params: { header: on(seen) }, body })),
    read: (theirs: ExternalSettings) => theirs,
    done: refresh,
    told: 'Changed.',
    lists: { hosts: (h: { host: string }) => h.host, fetchHosts: (host: string) => host },
    labels: {
      hosts: 'Hosts',
      contactAddress: 'Messages of visitors go to',
      fetchHosts: 'Texts may be fetched from',
    },
  })
  const { value: given, set } = form

  const change = (index: number, part: Partial<ExternalSettings['hosts'][number]>) =>
    set({ hosts: given.hosts.map((h, i) => (i === index ? { ...h, ...part } : h)) })

  if (blocked) {
    const hosts = given.hosts.map((h) => `${h.name} (${h.host})`).join('\n')
    return (
      <section aria-label="Other hosts, and messages" className="grid gap-4 md:col-span-2">
        <h2 className="font-semibold font-serif text-large">Other hosts, and messages</h2>
        <Facts
          rows={[
            ['Things of these hosts can be embedded', hosts || 'None'],
            ['Messages of visitors go to', given.contactAddress || 'The inbox only'],
            ['Texts may be fetched from', given.fetchHosts.join('\n') || 'Nowhere'],
          ]}
        />
      </section>
    )
  }
  return (
    <form onSubmit={form.submit} className="grid gap-4 md:col-span-2">
      <h2 className="font-semibold font-serif text-large">Other hosts, and messages</h2>
      <p className="text-soft">
        Only things of these hosts can be embedded; everything else becomes a link. In both addresses {'{id}'} stands
        for the name of the thing.
      </p>
      {given.hosts.map((h, i) => (
        <fieldset
          key={i}
          className="grid items-end gap-3 border-line border-b pb-3 sm:grid-cols-[1fr_1fr_1fr_1.5fr_auto]"
        >
          <legend className="sr-only">Host {i + 1}</legend>
          <Input
            label="Host"
            value={h.host}
            placeholder="media.example.org"
            onChange={(e) => change(i, { host: e.target.value })}
          />
          <Input label="Called" value={h.name} onChange={(e) => change(i, { name: e.target.value })} />
          <Input
            label="Page"
            value={h.page}
            placeholder="/watch/{id}"
            onChange={(e) => change(i, { page: e.target.value })}
          />
          <Input
            label="Frame"
            value={h.frame}
            placeholder="https://media.example.org/player/{id}"
            onChange={(e) => change(i, { frame: e.target.value })}
          />
          <TextButton
            className="mb-1.5"
            aria-label={`Take off ${h.name || 'this host'}`}
            onClick={() => set({ hosts: given.hosts.filter((_, n) => n !== i) })}
          >
            Take off
          </TextButton>
        </fieldset>
      ))}
      <p>
        <AddButton
          onClick={() => set({ hosts: [...given.hosts, { host: '', name: '', page: '/watch/{id}', frame: '' }] })}
        >
          Add a host
        </AddButton>
      </p>
      <div className="max-w-md">
        <Input
          label="Messages of visitors go to"
          hint="A mail address. They are in the inbox as well."
          value={given.contactAddress}
          onChange={(e) => set({ contactAddress: e.target.value })}
        />
      </div>
      <div className="max-w-md">
        <FieldFrame
          label="Texts may be fetched from"
          hint={
            <>
              One host to a line: example.org, *.example.org for all below it, or * for every public one. A host of a
              local network must be named itself.{' '}
              <AsAtFirst
                of="Texts may be fetched from"
                now={given.fetchHosts}
                first={first?.fetchHosts}
                told="*, every public host"
                set={(fetchHosts) => set({ fetchHosts })}
              />
            </>
          }
        >
          {({ id, describedBy }) => (
            <textarea
              id={id}
              aria-describedby={describedBy}
              rows={3}
              value={given.fetchHosts.join('\n')}
              onChange={(e) => set({ fetchHosts: e.target.value.split('\n') })}
              className={`${fieldBox} py-1`}
            />
          )}
        </FieldFrame>
      </div>
      <FormState form={form} />
      <p className="flex items-center gap-3">
        <Button look="main" type="submit">
          Change hosts and address
        </Button>
        <span role="status">{form.told}</span>
      </p>
    </form>
  )
}
