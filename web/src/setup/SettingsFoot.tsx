import { Button } from '../shared/ui/Button'

interface Props {
  /** Why it could not be taken, where it could not. */
  problem: string
  /** What the button says. */
  does: string
  /** What became of it. */
  told: string
}

/** The foot of a form of settings: what is wrong, the button that has it hold, and what became of that. */
export function SettingsFoot({ problem, does, told }: Props) {
  return (
    <>
      {problem && (
        <p role="alert" className="text-rust">
          {problem}
        </p>
      )}
      <p className="flex items-center gap-3">
        <Button type="submit" look="main">
          {does}
        </Button>
        <span role="status">{told}</span>
      </p>
    </>
  )
}
