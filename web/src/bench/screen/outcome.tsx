import type { ReactNode } from 'react'
import type { ItemState, Step } from '../../shared/api/types'

/** What an action did, and what follows from it. */
export function outcome(step: Step, state: ItemState): ReactNode {
  switch (step.action) {
    case 'PUT_LIVE':
    case 'UPDATE_LIVE': {
      const path = state.placement.appearances.places[0]?.path ?? '/'
      return (
        <>
          Live now at{' '}
          <a href={path} target="_blank" rel="noreferrer" className="font-semibold underline">
            {path}
            <span className="sr-only"> (opens a new tab)</span>
          </a>
          . Readers see this text.
        </>
      )
    }
    case 'WITHDRAW':
      return 'Withdrawn. Its address now says kindly that the page was taken down. “Put live” brings it back.'
    case 'SEND_FOR_REVIEW':
      return 'Sent for review. It is an editor’s turn now.'
    case 'SEND_CHANGE':
      return 'The change was sent for review. Readers keep what is live until an editor agrees.'
    case 'TAKE_BACK_CHANGE':
      return 'Taken back. Readers keep what is live; the change is yours to work on.'
    case 'TAKE_BACK':
      return step.label.startsWith('Give')
        ? `Given back. It is ${state.labels.author}’s turn now.`
        : 'Taken back. It is a draft again.'
    case 'ARCHIVE':
      return 'Archived. It stays in the worklist under Archived.'
    case 'BRING_BACK':
      return 'Brought back as a draft.'
  }
}
