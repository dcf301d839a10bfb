import { useState } from 'react'
import { useAsset } from '../../shared/api/queries'
import { Button } from '../../shared/ui/Button'
import { Group } from './Group'
import { PickDialog } from './PickDialog'
import { type EditorProps, text } from './props'

/** A picture of the assets. */
export function PictureEditor({ field, value, set, problem }: EditorProps) {
  const [picking, setPicking] = useState(false)
  const name = text(value)
  const picture = useAsset(name)
  return (
    <Group field={field} problem={problem}>
      {picture ? (
        <img
          src={picture.tile}
          alt={picture.alternative}
          className="aspect-video w-full border border-line object-cover"
        />
      ) : (
        <p className="text-soft">{name ? `${name} is not among the assets.` : 'None yet.'}</p>
      )}
      <div className="flex gap-2">
        <Button aria-label={`Pick: ${field.label}`} onClick={() => setPicking(true)}>
          {name ? 'Change it' : 'Pick one'}
        </Button>
        {name && (
          <Button look="quiet" aria-label={`Take off: ${field.label}`} onClick={() => set(undefined)}>
            Take it off
          </Button>
        )}
      </div>
      {picking && (
        <PickDialog
          title={field.label}
          pictures
          multiple={false}
          picked={[name]}
          onPick={(a) => set(a.name)}
          onClose={() => setPicking(false)}
        />
      )}
    </Group>
  )
}
