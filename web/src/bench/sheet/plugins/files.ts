import { Plugin } from 'prosemirror-state'

/** Files dropped or pasted: the sheet says plainly what it cannot take, and the text stays as it is. */
export function files(tell: (sentence: string) => void): Plugin {
  const refuse = (data: DataTransfer | null): boolean => {
    const names = [...(data?.files ?? [])].map((f) => f.name)
    if (!names.length || data?.types.includes('text/html')) return false
    const what = names.length === 1 ? `“${names[0]}” was` : `${names.length} files were`
    tell(
      `${what} not taken: files cannot be dropped here yet. Pictures come from the site’s assets, by the tool Picture.`,
    )
    return true
  }
  return new Plugin({
    props: {
      handleDOMEvents: {
        drop: (_view, event) => {
          if (!refuse(event.dataTransfer)) return false
          event.preventDefault()
          return true
        },
        paste: (_view, event) => {
          if (!refuse(event.clipboardData)) return false
          event.preventDefault()
          return true
        },
      },
    },
  })
}
