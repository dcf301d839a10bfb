import { Command } from 'cmdk'
import { useState, useSyncExternalStore } from 'react'
import type { OfferedField } from '../../shared/api/types'
import { Dialog } from '../../shared/ui/Dialog'
import { usePicked } from '../../shared/ui/usePicked'
import { putField } from '../commands/mergeField'
import { useSheet } from '../state/context'

/** Whether each word that was typed is in the name of a placeholder. */
function fits({ label, name }: OfferedField, words: string): boolean {
  const said = `${label} ${name}`.toLowerCase()
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => said.includes(word))
}

/** Puts a placeholder in, which is filled when the page is made: looked for by letters, chosen by Enter. */
export function MergeFieldDialog({ onClose }: { onClose: () => void }) {
  const sheet = useSheet()
  const fields = useSyncExternalStore(
    (listener) => sheet.followFields(listener),
    () => sheet.mergeFields,
  )
  const [words, setWords] = useState('')
  const fitting = (fields ?? []).filter((f) => fits(f, words))
  const groups = [...new Set(fitting.map((f) => f.group))]
  const picked = usePicked(groups.flatMap((group) => fitting.filter((f) => f.group === group).map((f) => f.name)))

  function put(field: OfferedField) {
    sheet.run(putField(field))
    onClose()
  }

  return (
    <Dialog
      open
      onClose={onClose}
      title="Merge field"
      about="It shows what it stands for, and is filled anew whenever the page is made."
    >
      <Command label="Merge fields" shouldFilter={false} loop {...picked}>
        <Command.Input
          autoFocus
          value={words}
          onValueChange={setWords}
          placeholder="What shall stand there?"
          className="h-8 w-full rounded-3 border border-edge bg-sheet px-2.5 placeholder:text-soft"
        />
        <Command.List className="mt-2 max-h-80 overflow-auto" aria-label="Merge fields there are">
          {!fitting.length && (
            <p className="px-2 py-1 text-soft">
              {fields?.length ? 'No merge field fits.' : 'There is no merge field here.'}
            </p>
          )}
          {groups.map((group) => (
            <Command.Group
              key={group}
              heading={group}
              className="[&>[cmdk-group-heading]]:px-2 [&>[cmdk-group-heading]]:pt-1.5 [&>[cmdk-group-heading]]:text-small [&>[cmdk-group-heading]]:text-soft"
            >
              {fitting
                .filter((f) => f.group === group)
                .map((f) => (
                  <Command.Item
                    key={f.name}
                    value={f.name}
                    onSelect={() => put(f)}
                    className="flex cursor-pointer items-baseline gap-3 rounded-3 px-2 py-1 data-[selected=true]:bg-desk"
                  >
                    <span className="shrink-0">{f.label}</span>
                    <span className="min-w-0 truncate text-small text-soft">
                      {f.value || 'nothing yet in this item'}
                    </span>
                  </Command.Item>
                ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </Dialog>
  )
}
