/** A column this many times as long as the text leaves a hole below the text. */
const FAR = 1.5

/** Below this height a text is no long one, in pixels. */
const LONG = 900

/** What is to be said of the column beside the text, as the page shows it; empty where nothing is. */
export function sideTold(page: Document, wanted: boolean): string {
  const side = page.querySelector('.side')
  const text = page.querySelector('.beside-side')
  if (!side || !text) return wanted ? 'The side column is empty: none of its parts has anything to show.' : ''
  const beside = side.getBoundingClientRect().left >= text.getBoundingClientRect().right
  if (!beside) return ''
  const is = heightOf(side)
  const room = heightOf(text)
  if (is > room * FAR) return 'The side column is far longer than the text beside it.'
  return room > LONG && is < room / 8 ? 'The side column is nearly empty beside a long text.' : ''
}

/** From the top of its first child to the bottom of its last. */
function heightOf(element: Element): number {
  const first = element.firstElementChild
  const last = element.lastElementChild
  return first && last ? last.getBoundingClientRect().bottom - first.getBoundingClientRect().top : 0
}
