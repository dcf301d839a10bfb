import { useState } from 'react'
import { Button } from '../../shared/ui/Button'
import { cx } from '../../shared/ui/cx'
import { fieldBox } from '../../shared/ui/Field'
import { Group } from './Group'
import { PickDialog } from './PickDialog'
import { type EditorProps, rows } from './props'
import { Rows } from './Rows'

/** Files of the assets, each with what it is. */
export function FilesEditor({ field, value, set, problem }: EditorProps) {
  const [picking, setPicking] = useState(false)
  const files = rows(value)
  const change = (next: Record<string, string>[]) => set(next.length ? next : undefined)
  return (
    <Group field={field} problem={problem}>
      <Rows label={field.label} list={files} nameOf={(f) => f.words || f.file} set={change}>
        {(file, i) => (
          <input
            aria-label={`What ${file.file} is`}
            value={file.words ?? ''}
            maxLength={300}
            onChange={(e) => change(files.map((f, n) => (n === i ? { ...f, words: e.target.value } : f)))}
            className={cx(fieldBox, 'h-8')}
          />
        )}
      </Rows>
      <div>
        <Button aria-label={`Pick: ${field.label}`} onClick={() => setPicking(true)}>
          Pick files
        </Button>
      </div>
      {picking && (
        <PickDialog
          title={field.label}
          pictures={false}
          multiple
          picked={files.map((f) => f.file)}
          onPick={(a, on) =>
            change([
              ...files.filter((f) => f.file !== a.name),
              ...(on ? [{ file: a.name, words: a.title || a.name }] : []),
            ])
          }
          onClose={() => setPicking(false)}
        />
      )}
    </Group>
  )
}
