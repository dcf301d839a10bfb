/** A format that texts are brought in from. */
interface Format {
  /** What people call files of it. */
  name: string
  /** What their names end in, the usual one first. */
  endings: string[]
  /** Words by which somebody looks for it. */
  words: string
}

const formats: Format[] = [
  { name: 'word processor files', endings: ['.docx'], words: 'word processor document docx' },
  { name: 'word processor files', endings: ['.odt'], words: 'odt' },
  { name: 'pages', endings: ['.html', '.htm', '.xhtml'], words: 'html' },
  { name: 'Markdown', endings: ['.md', '.markdown'], words: 'markdown' },
  { name: 'plain text', endings: ['.txt', '.text'], words: 'text' },
]

const usual = (some: Format[]) => some.map((f) => f.endings[0])

/** What may be picked; the server looks at each file itself. */
export const ENDINGS = formats.flatMap((f) => f.endings)

/** Words by which somebody finds a tool for all of them. */
export const formatWords = formats.map((f) => f.words).join(' ')

/** The usual endings, such as “.docx, .odt or .txt”. */
export const usualEndings = new Intl.ListFormat('en-GB', { type: 'disjunction' }).format(usual(formats))

/** The formats with their usual endings, such as “pages (.html) and plain text (.txt)”. */
export const formatsInWords = new Intl.ListFormat('en-GB').format(
  [...new Set(formats.map((f) => f.name))].map(
    (name) => `${name} (${usual(formats.filter((f) => f.name === name)).join(', ')})`,
  ),
)
