import { answer, client } from '../../shared/api/client'
import { useKinds } from '../../shared/api/kinds'
import type { KindStanding } from '../../shared/api/types'
import { on } from '../../shared/form/change'
import { useForm } from '../../shared/form/useForm'
import { FormDialog } from '../../shared/ui/FormDialog'
import { KindSelect } from '../../shared/ui/KindSelect'

interface Props {
  standing: KindStanding
  onDone: () => void
  onClose: () => void
}

/** Takes a kind away, after saying what its items become. */
export function DeleteKind({ standing: { kind, items, revision }, onDone, onClose }: Props) {
  const others = useKinds().filter((k) => k.name !== kind.name)
  const form = useForm(`kind-away:${kind.name}`, {
    stored: { to: '' },
    send: ({ to }) =>
      answer(
        client.DELETE('/editor/api/kinds/{name}', {
          params: { path: { name: kind.name }, query: { to: items ? to : '' }, header: on(revision) },
        }),
      ),
    done: onDone,
  })
  const { to } = form.value
  return (
    <FormDialog
      onClose={onClose}
      title={`Take the kind “${kind.label}” away`}
      about={
        items
          ? `${items === 1 ? 'One item is' : `${items} items are`} of this kind. What was entered in them stays with them, and is there again if a field of its name is.`
          : 'No item is of this kind.'
      }
      does="Take it away"
      blocked={items && !to ? 'Say first what its items become.' : ''}
      form={form}
    >
      {items > 0 && (
        <KindSelect kinds={others} value={to} pick={(next) => form.set({ to: next })} none="Choose a kind" />
      )}
    </FormDialog>
  )
}
