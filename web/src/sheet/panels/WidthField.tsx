import { useState } from 'react'
import { FieldFrame, fieldBox } from '../../shared/ui/Field'

const widthForm = /^(|[1-9]\d{0,1}%|100%|[1-9]\d{1,3}px)$/

/** A width that is taken once it makes sense. */
export function WidthField({ value, set }: { value: string; set: (width: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null)
  const shown = typed ?? value
  const tidy = shown.trim().replace(/\s+/g, '')
  const bare = /^[1-9]\d{1,3}$/.test(tidy)
  // A number alone is meant in pixels, once nothing more is typed behind it.
  const settle = () => {
    if (bare) set(`${tidy}px`)
    if (bare || !wrong) setTyped(null)
  }
  const wrong = bare || widthForm.test(tidy) ? '' : 'A share of the column such as 40 %, or pixels such as 280 px.'
  return (
    <FieldFrame label="Width, in % or px" problem={typed === null ? '' : wrong}>
      {({ id, describedBy }) => (
        <input
          id={id}
          aria-describedby={describedBy}
          value={shown}
          placeholder="its own"
          onChange={(e) => {
            setTyped(e.target.value)
            const next = e.target.value.trim().replace(/\s+/g, '')
            if (widthForm.test(next)) set(next)
          }}
          // What is wrong stays with its message; a message that went away on leaving would also move what is pressed.
          onBlur={settle}
          onKeyDown={(e) => e.key === 'Enter' && settle()}
          aria-invalid={wrong ? true : undefined}
          className={`${fieldBox} h-8`}
        />
      )}
    </FieldFrame>
  )
}
