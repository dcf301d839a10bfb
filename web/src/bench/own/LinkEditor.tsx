import { useAsked } from '../../shared/store/asked'
import { Input } from '../../shared/ui/Field'
import { type EditorProps, pairs } from './props'

/** An address with the words readers see. */
export function LinkEditor({ field, value, set, problem, lead }: EditorProps) {
  const { address = '', words = '' } = pairs(value)
  const change = (next: { address: string; words: string }) =>
    set(next.address || next.words ? { address: next.address, ...(next.words && { words: next.words }) } : undefined)
  return (
    <div className="grid gap-2">
      <Input
        ref={useAsked<HTMLInputElement>(lead)}
        label={field.label}
        hint={field.help}
        problem={problem}
        placeholder="https://"
        value={address}
        onChange={(e) => change({ address: e.target.value.trim(), words })}
      />
      <Input
        label={`Words of “${field.label}”`}
        hint="What readers see; left out: the address."
        value={words}
        onChange={(e) => change({ address, words: e.target.value })}
      />
    </div>
  )
}
