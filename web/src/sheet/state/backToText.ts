import { flushSync } from 'react-dom'
import type { Sheet } from './Sheet'

/**
 * Closes what lay over the text at once, so that the very next key is one for the text, where the cursor stood; unless
 * what closed has put the keyboard into a field itself.
 */
export function backToText(sheet: Sheet, close: () => void) {
  flushSync(close)
  if (!document.activeElement?.matches('input, textarea')) sheet.focus()
}
