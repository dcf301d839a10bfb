import type { ItemState, Step } from '../../shared/api/types'
import { Button } from '../../shared/ui/Button'
import { Dialog, DialogButtons } from '../../shared/ui/Dialog'

/** What would lead nowhere if readers did not see the item any more. */
export function breaks(step: Step, state: ItemState): string[] {
  if (step.action !== 'WITHDRAW' && step.action !== 'BIN') return []
  return state.placement.linkedFrom.map((l) => `${l.key ? `“${l.title || 'Untitled'}”` : l.title}, by ${l.by}`)
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
      about="Other places lead to this item. Links to it lose their address, menus their entry, and pages the text they show, until it is live again."
    >
      <ul className="grid list-disc gap-1 pl-5" aria-label="What leads to it">
        {what.map((w) => (
          <li key={w}>{w}</li>
        ))}
      </ul>
      <DialogButtons>
        <Button onClick={onClose}>Cancel</Button>
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
