import { useState } from 'react'
import { useAssetsNamed } from '../../shared/api/queries'
import { Button } from '../../shared/ui/Button'
import { Group } from './Group'
import { PickDialog } from './PickDialog'
import { type EditorProps, texts } from './props'
import { Rows } from './Rows'

/** Several pictures of the assets, in their order. */
export function PicturesEditor({ field, value, set, problem }: EditorProps) {
  const [picking, setPicking] = useState(false)
  const names = texts(value)
  const known = useAssetsNamed(names).data ?? []
  const change = (next: string[]) => set(next.length ? next : undefined)
  return (
    <Group field={field} problem={problem}>
      <Rows label={field.label} list={names} nameOf={(n) => n} set={change}>
        {(name) => <span className="truncate">{known.find((a) => a.name === name)?.title || name}</span>}
      </Rows>
      <div>
        <Button aria-label={`Pick: ${field.label}`} onClick={() => setPicking(true)}>
          Pick pictures
        </Button>
      </div>
      {picking && (
        <PickDialog
          title={field.label}
          pictures
          multiple
          picked={names}
          onPick={(a, on) => change([...names.filter((n) => n !== a.name), ...(on ? [a.name] : [])])}
          onClose={() => setPicking(false)}
        />
      )}
    </Group>
  )
}
