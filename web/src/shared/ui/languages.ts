/** Languages that are offered where somebody chooses one; any other can be typed as a BCP 47 tag. */
export const languages = 'en-GB en-US ar cs cy da de es fi fr ga gd he it ja ko la nb nl pl pt ru sv tr uk zh'
  .split(' ')
  .sort((a, b) => languageName(a).localeCompare(languageName(b)))

/** What a language is called in English; the tag itself where nobody knows. */
export function languageName(tag: string): string {
  try {
    return new Intl.DisplayNames('en', { type: 'language', languageDisplay: 'standard' }).of(tag) ?? tag
  } catch {
    return tag
  }
}
