import { type Sheet, topBlocks } from '../../sheet'

/** The blocks of the text on the page in a frame, in the order in which the sheet has them. */
function pageBlocks(frame: HTMLIFrameElement): HTMLElement[] {
  const article = frame.contentDocument?.querySelector('main .article')
  return [...(article?.children ?? [])] as HTMLElement[]
}

function sheetBlocks(sheet: Sheet): HTMLElement[] {
  const view = sheet.view
  if (!view) return []
  return topBlocks(view.state.doc)
    .filter(({ node }) => node.type.name !== 'fold')
    .map(({ pos }) => view.nodeDOM(pos))
    .filter((d): d is HTMLElement => d instanceof HTMLElement)
}

/** Which block is at the top edge, and how much of it is above it, from 0 to 1. */
function place(blocks: HTMLElement[], edge: number): { index: number; part: number } | null {
  for (let i = 0; i < blocks.length; i++) {
    const box = blocks[i].getBoundingClientRect()
    if (box.bottom > edge)
      return { index: i, part: Math.max(0, Math.min(1, (edge - box.top) / Math.max(1, box.height))) }
  }
  return null
}

/**
 * Lets the sheet and a proof scroll together, block by block. Whichever a person moves leads; the
 * other follows and does not answer.
 */
export function scrollTogether(sheet: Sheet, frame: HTMLIFrameElement): () => void {
  const scroller = sheet.scroller
  const win = frame.contentWindow
  if (!scroller || !win) return () => {}
  let led: 'sheet' | 'page' | null = null
  let timer: ReturnType<typeof setTimeout> | undefined

  const lead = (who: 'sheet' | 'page', follow: () => void) => {
    if (led && led !== who) return
    led = who
    clearTimeout(timer)
    timer = setTimeout(() => {
      led = null
    }, 150)
    follow()
  }

  const onSheet = () =>
    lead('sheet', () => {
      const at = place(sheetBlocks(sheet), scroller.getBoundingClientRect().top + 4)
      const other = at && pageBlocks(frame)[at.index]
      if (!other) return
      const box = other.getBoundingClientRect()
      // At the very top the page shows its own head too.
      win.scrollTo(0, scroller.scrollTop < 4 ? 0 : win.scrollY + box.top + box.height * at.part)
    })

  const onPage = () =>
    lead('page', () => {
      const at = place(pageBlocks(frame), 4)
      const other = at && sheetBlocks(sheet)[at.index]
      if (!other) return
      const box = other.getBoundingClientRect()
      const top = scroller.getBoundingClientRect().top
      scroller.scrollTop = win.scrollY < 4 ? 0 : scroller.scrollTop + box.top - top + box.height * at.part
    })

  scroller.addEventListener('scroll', onSheet, { passive: true })
  win.addEventListener('scroll', onPage, { passive: true })
  return () => {
    clearTimeout(timer)
    scroller.removeEventListener('scroll', onSheet)
    win.removeEventListener('scroll', onPage)
  }
}
