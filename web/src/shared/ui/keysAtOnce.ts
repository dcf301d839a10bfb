const ROWS = '[role=toolbar], [role=menu], [role=tablist]'
/** Letters pressed within this many milliseconds of each other are the beginning of one word. */
const ONE_WORD = 1000

let begun = ''
let lastLetter = 0

/** The entries of a row or menu that can be gone to, in order; those of a menu within it have their own. */
function entriesOf(row: HTMLElement): HTMLElement[] {
  return [...row.querySelectorAll<HTMLElement>('[data-radix-collection-item]')].filter(
    (entry) => entry.closest(ROWS) === row && !entry.hasAttribute('data-disabled') && entry.getClientRects().length > 0,
  )
}

/** Where an arrow, Home or End leads from an entry; nothing for other keys, and at the end of a menu. */
function ledTo(key: string, row: HTMLElement, entries: HTMLElement[], at: number): HTMLElement | undefined {
  const down = row.dataset.orientation === 'vertical'
  const rightToLeft = getComputedStyle(row).direction === 'rtl'
  const onward = down ? 'ArrowDown' : rightToLeft ? 'ArrowLeft' : 'ArrowRight'
  const back = down ? 'ArrowUp' : rightToLeft ? 'ArrowRight' : 'ArrowLeft'
  const round = row.role !== 'menu'
  if (key === onward) return entries[round ? (at + 1) % entries.length : at + 1]
  if (key === back) return entries[round ? (at + entries.length - 1) % entries.length : at - 1]
  if (key === 'Home') return entries[0]
  return key === 'End' ? entries.at(-1) : undefined
}

/** What an entry says, without a sign before it that tells how it stands. */
const lettersOf = (entry: HTMLElement) => (entry.textContent ?? '').replace(/^[^\p{L}\p{N}]+/u, '').toLocaleLowerCase()

/** The next entry of a menu that begins with the letters pressed so far. */
function named(letter: string, entries: HTMLElement[], at: number): HTMLElement | undefined {
  const now = Date.now()
  begun = now - lastLetter < ONE_WORD ? begun + letter.toLocaleLowerCase() : letter.toLocaleLowerCase()
  lastLetter = now
  // One letter pressed over and over goes through all that begin with it.
  const same = [...begun].every((each) => each === begun[0])
  const words = same ? letter.toLocaleLowerCase() : begun
  const from = Math.max(same ? at + 1 : at, 0)
  const turned = [...entries.slice(from), ...entries.slice(0, from)]
  return turned.find((entry) => lettersOf(entry).startsWith(words))
}

function onKey(e: KeyboardEvent) {
  const entry = e.target as HTMLElement
  const row = entry.closest<HTMLElement>(ROWS)
  if (!row || e.altKey || e.ctrlKey || e.metaKey || e.isComposing) return
  const entries = entriesOf(row)
  const at = entries.indexOf(entry)
  // A menu opened with the mouse has the keyboard itself.
  if (at < 0 && !(entry === row && row.role === 'menu')) return
  const letter = row.role === 'menu' && e.key.length === 1 && e.key !== ' '
  if (!letter && e.shiftKey) return
  const to = letter ? named(e.key, entries, at) : at < 0 ? undefined : ledTo(e.key, row, entries, at)
  // The library's own search for letters would move the keyboard once more, later.
  if (letter) e.stopPropagation()
  if (!to) return
  e.preventDefault()
  to.focus()
}

/**
 * Arrows, Home, End and letters move the keyboard within every row of tools, menu and row of tabs at once. The component
 * library waits for a timer, which the next key can outrun: of two presses one was lost, or the entry before was taken.
 */
export function moveAtOnce() {
  document.addEventListener('keydown', onKey, true)
}
