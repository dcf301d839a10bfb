import { useEffect, useState } from 'react'
import { giveBack, whoHasKeyboard } from './giveBack'

/**
 * Stands in what lies over the screen for a while, and gives the keyboard back at the very end of it, before another
 * key can come: to where it was, or to what is said.
 */
export function GivesBack({ to }: { to?: () => Element | null | undefined }) {
  const [before] = useState(whoHasKeyboard)
  useEffect(() => () => giveBack(to?.() ?? before), [before])
  return null
}
