import { useStandardFields } from '../../shared/api/kinds'
import { OneField } from '../own/OneField'

interface Props {
  name: string
  /** What it falls back on: its words, and where they are from. */
  fallback?: { words: string; from: string }
}

/** A field that every item has, with what is shown instead where nothing is entered. */
export function Standard({ name, fallback }: Props) {
  const field = useStandardFields()[name]
  if (!field) return null
  const help = fallback?.from ? `Now it is ${fallback.from}.` : field.help
  return <OneField field={{ ...field, help }} placeholder={fallback?.from ? fallback.words : undefined} />
}
