import type { Form } from '../shared/form/useForm'
import { Button } from '../shared/ui/Button'
import { FormState } from '../shared/ui/FormState'

/** The foot of a form of settings: how it stands, the button that has it hold, and what became of that. */
export function SettingsFoot<T>({ form, does }: { form: Form<T> /** What the button says. */; does: string }) {
  return (
    <>
      <FormState form={form} />
      <p className="flex items-center gap-3">
        <Button type="submit" look="main">
          {does}
        </Button>
        <span role="status">{form.told}</span>
      </p>
    </>
  )
}
