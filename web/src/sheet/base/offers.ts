import type { OfferKind } from '../../shared/api/types'

/** What is offered: how many lines it concerns, what can be done, what was done, and how to leave it. */
export const offerWords: Record<OfferKind, (n: number) => { open: string; take: string; done: string; leave: string }> =
  {
    HEADINGS: (n) => ({
      open: n === 1 ? 'A line looks like a heading' : `${n} lines look like headings`,
      take: n === 1 ? 'make it a heading' : 'make them headings',
      done: n === 1 ? 'Made 1 heading' : `Made ${n} headings`,
      leave: 'leave as text',
    }),
    LISTS: (n) => ({
      open: n === 1 ? 'Some lines look like a list' : `Some lines look like ${n} lists`,
      take: n === 1 ? 'make it a list' : 'make them lists',
      done: n === 1 ? 'Made 1 list' : `Made ${n} lists`,
      leave: 'leave as text',
    }),
    RUNNING_LINES: (n) => ({
      open: n === 1 ? 'A line stands on every page' : `${n} lines stand on page after page`,
      take: 'take them out',
      done: 'Took out what stood on every page',
      leave: 'leave it in',
    }),
  }
