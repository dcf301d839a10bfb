import type { ItemState, Step } from '../../shared/api/types'
import { Button } from '../../shared/ui/Button'
import { Dialog, DialogButtons } from '../../shared/ui/Dialog'

/** What would lead nowhere if readers saw the item no more. */
export function breaks(step: Step, state: ItemState): string[] {
  if (step.action !== 'WITHDRAW') return []
  const { linkedFrom, appearances } = state.placement
  const menus = appearances.places.filter((p) => /menu|it is this page|picked/.test(p.label))
  return [
    ...menus.map((p) => p.label.replace(/ of .*/, '')),
    ...linkedFrom.map((l) => `“${l.title || 'Untitled'}”, by ${l.by}`),
  ]
}

interface Props {
  step: Step
  what: string[]
  onGo: () => void
  onClose: () => void
}

/** Warns of what an action would break, before it does. */
export function BreaksDialog({ step, what, onGo, onClose }: Props) {
  return (
    <Dialog
      open
      onClose={onClose}
      title={`${step.label}?`}
      about="Readers are led to this item from elsewhere. Links to it lose their address, and menus their entry, until it is live again."
    >
      <ul className="grid list-disc gap-1 pl-5" aria-label="What leads to it">
        {what.map((w) => (
          <li key={w}>{w}</li>
        ))}
      </ul>
      <DialogButtons>
        <Button onClick={onClose}>Leave it live</Button>
        <Button
          look="main"
          onClick={() => {
            onClose()
            onGo()
          }}
        >
          {step.label} all the same
        </Button>
      </DialogButtons>
    </Dialog>
  )
}
