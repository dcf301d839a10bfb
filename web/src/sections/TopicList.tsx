import type { Topic } from '../shared/api/types'
import { AddButton } from '../shared/ui/AddButton'
import { TextButton } from '../shared/ui/Button'
import { fieldBox } from '../shared/ui/Field'

/** What items of the section can be about: named, renamed, taken off. */
export function TopicList({ topics, set }: { topics: Topic[]; set: (topics: Topic[]) => void }) {
  return (
    <fieldset>
      <legend className="font-semibold">Topics</legend>
      <p className="text-small text-soft">
        What items in it can be about. A renamed topic keeps its items; one that is taken off leaves them.
      </p>
      <ul className="mt-2 grid gap-2">
        {topics.map((topic, i) => (
          <li key={i} className="flex items-center gap-3">
            <input
              aria-label={`Topic ${i + 1}`}
              className={`${fieldBox} h-8`}
              value={topic.name}
              maxLength={200}
              // biome-ignore lint/a11y/noAutofocus: the line was just asked for
              autoFocus={!topic.slug && !topic.name}
              onChange={(e) => set(topics.map((t, n) => (n === i ? { ...t, name: e.target.value } : t)))}
            />
            <TextButton
              className="shrink-0"
              aria-label={`Take off ${topic.name || `topic ${i + 1}`}`}
              onClick={() => set(topics.filter((_, n) => n !== i))}
            >
              Take off
            </TextButton>
          </li>
        ))}
      </ul>
      <AddButton className="mt-2" onClick={() => set([...topics, { slug: '', name: '' }])}>
        Add a topic
      </AddButton>
    </fieldset>
  )
}
