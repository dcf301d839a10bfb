/** Where the keyboard is, for who will take it away for a while; of a menu, the button that opened it. */
export function whoHasKeyboard(): Element | null {
  const at = document.activeElement
  const menu = at?.closest('[role="menu"]')
  return menu ? document.getElementById(menu.getAttribute('aria-labelledby') ?? '') : at
}

/** Whether keys can go there: what lies behind a dialog is there and drawn, but hidden from whoever works by keyboard. */
function canTake(at: Element | null): at is HTMLElement {
  return (
    at instanceof HTMLElement &&
    at !== document.body &&
    at.isConnected &&
    at.getClientRects().length > 0 &&
    !at.closest('[aria-hidden="true"], [inert]')
  )
}

/**
 * Gives the keyboard back when nobody has it any more: to where it was, else to a dialog that has opened
 * meanwhile, to the text, or to the place on the screen. Nobody who works without a mouse shall have to look for where they are.
 */
export function giveBack(to: Element | null) {
  if (canTake(document.activeElement)) return
  const places = ['[role="dialog"]', '.ProseMirror', 'main [tabindex="0"], main :is(input, button, a[href])', 'main']
  const at = [to, ...places.map((p) => document.querySelector(p))].find(canTake)
  at?.focus()
}
