import type { Clash } from '../form/join'
import type { Form } from '../form/useForm'
import { TextButton } from './Button'
import { SignInAgain } from './SignInAgain'
import { ago, useNow } from './time'

// A form of any fields is told about in the same way.
type Any = Pick<Form<object>, 'name' | 'problem' | 'drop' | 'since' | 'clashes' | 'settle' | 'labelOf' | 'signedOut'> &
  Pick<Form<object>, 'resume' | 'stay'>

/** How what is typed in a form stands: what was left in it before, what others changed meanwhile, why it was not taken. */
export function FormState({ form, quiet }: { form: Any /** Whether a field tells the problem. */; quiet?: boolean }) {
  const now = useNow(30_000)
  return (
    <div data-form={form.name} className="grid gap-3 empty:hidden">
      {form.since > 0 && (
        <p role="status" className="flex flex-wrap items-baseline gap-x-3 border border-line bg-straw px-3 py-1.5">
          What you typed {ago(new Date(form.since), now)} is here again. It is not kept yet.
          <TextButton onClick={form.drop}>Throw it away</TextButton>
        </p>
      )}
      {form.clashes.length > 0 && (
        <section aria-label="Changed by somebody else" className="grid gap-3 border border-line bg-straw px-3 py-2">
          <p>
            Somebody else changed this while you did. Everything that does not clash is joined already; say of the rest
            which is to stay.
          </p>
          {form.clashes.map((clash) => (
            <Choice key={clash.field} clash={clash} form={form} />
          ))}
        </section>
      )}
      {form.problem && !quiet && (
        <p role="alert" className="text-rust">
          {form.problem}
        </p>
      )}
      {form.signedOut && <SignInAgain onDone={form.resume} onClose={form.stay} />}
    </div>
  )
}

function Choice({ clash, form }: { clash: Clash; form: Any }) {
  const label = form.labelOf(clash)
  return (
    <div role="group" aria-label={label} className="grid gap-1">
      <b>{label}</b>
      <dl className="grid grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-3 gap-y-1">
        <Side name="Yours" value={clash.mine} keep={() => form.settle(clash, 'mine')} does={`Keep yours: ${label}`} />
        <Side
          name="Theirs"
          value={clash.theirs}
          keep={() => form.settle(clash, 'theirs')}
          does={`Take theirs: ${label}`}
        />
      </dl>
    </div>
  )
}

function Side({ name, value, keep, does }: { name: string; value: unknown; keep: () => void; does: string }) {
  return (
    <>
      <dt className="text-soft">{name}</dt>
      <dd className="flex items-baseline justify-between gap-3">
        <span className="min-w-0 whitespace-pre-wrap break-words">{shown(value)}</span>
        <TextButton aria-label={does} onClick={keep}>
          {name === 'Yours' ? 'Keep yours' : 'Take theirs'}
        </TextButton>
      </dd>
    </>
  )
}

/** A value in words: of what has a name, the name. */
function shown(value: unknown): string {
  if (value === undefined || value === null) return 'Removed'
  if (value === '') return 'Nothing'
  if (typeof value === 'boolean') return value ? 'Yes' : 'No'
  if (Array.isArray(value)) return value.length ? value.map(shown).join(', ') : 'Nothing'
  if (typeof value === 'object') {
    const named = value as Record<string, unknown>
    const name = named.label || named.name || named.title || named.words || named.text || named.target || named.host
    return name
      ? String(name)
      : Object.values(named)
          .filter((v) => v !== '')
          .map(shown)
          .join(', ')
  }
  return String(value)
}
