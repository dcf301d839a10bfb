import { useState } from 'react'
import type { Finding } from '../../shared/api/types'
import { TextButton } from '../../shared/ui/Button'
import { useBench } from '../state/context'

/** What somebody wants left as it is, folded; each can be looked at again. */
export function Left({ findings }: { findings: Finding[] }) {
  const { goTo, bringBack } = useBench()
  const [open, setOpen] = useState(false)
  if (!findings.length) return null
  return (
    <section aria-label="Left as it is" className="max-h-1/2 shrink-0 overflow-auto border-line border-t px-5 py-2">
      <TextButton aria-expanded={open} onClick={() => setOpen(!open)}>
        {findings.length} left as {findings.length === 1 ? 'it is' : 'they are'}
      </TextButton>
      {open && (
        <ul className="mt-1 grid gap-2">
          {findings.map((f) => (
            <li key={f.id}>
              <button
                type="button"
                onClick={() => goTo(f)}
                className="rounded-3 text-left font-semibold hover:underline"
              >
                {f.message}
              </button>
              <p className="text-soft">
                {f.dismissed?.reason ? `“${f.dismissed.reason}”, says ` : 'Meant so, says '}
                {f.dismissed?.by}.
              </p>
              <TextButton onClick={() => bringBack(f.id)}>Look at it again</TextButton>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
