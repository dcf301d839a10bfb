import { useAsked } from '../../shared/store/asked'
import { cx } from '../../shared/ui/cx'
import { FieldFrame, fieldBox } from '../../shared/ui/Field'
import { useBench, useSaved } from '../state/context'
import { characters } from './characters'

/** The short text that stands first and that teasers and search results fall back on. */
export function SummaryCard() {
  const { saver } = useBench()
  const ref = useAsked<HTMLTextAreaElement>('summary')
  const summary = useSaved((now) => now.fields.summary)
  const language = useSaved((now) => now.state.language)
  const limit = useSaved((now) => now.state.measures.summaryLimit)
  const length = characters(summary)
  const over = length - limit
  return (
    <FieldFrame
      label="Summary"
      hint={
        <span className={cx(over > 0 && 'font-semibold text-rust')}>
          {length} of {limit} characters
          {over > 0 && `, ${over} too many`}
        </span>
      }
    >
      {({ id, describedBy }) => (
        <textarea
          ref={ref}
          id={id}
          lang={language.language}
          dir={language.direction}
          aria-describedby={describedBy}
          rows={5}
          value={summary}
          onChange={(e) => saver.change({ summary: e.target.value })}
          className={cx(fieldBox, 'resize-y py-1.5')}
        />
      )}
    </FieldFrame>
  )
}
