import { useSite } from '../../shared/api/queries'
import { Select } from '../../shared/ui/Field'
import { languageName, languages } from '../../shared/ui/languages'
import { useBench, useSaved } from '../state/context'
import { Standard } from './Standard'

/** The language the item is written in, and the same item in others. */
export function LanguageCard() {
  const { saver } = useBench()
  const own = useSite().data?.language ?? ''
  const fields = useSaved((now) => now.fields)
  return (
    <>
      <Select
        label="Language"
        hint="Quotation marks, hyphens, sorting and screen readers follow it."
        value={fields.language}
        onChange={(e) => saver.change({ language: e.target.value })}
      >
        <option value="">{own ? `The site’s: ${languageName(own)}` : 'The site’s'}</option>
        {[...new Set([fields.language, ...languages])]
          .filter((t) => t && t !== own)
          .map((t) => (
            <option key={t} value={t}>
              {languageName(t)}
            </option>
          ))}
      </Select>
      <Standard name="languages.items" />
    </>
  )
}
