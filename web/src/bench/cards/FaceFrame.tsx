import { useEffect, useRef, useState } from 'react'
import { useBench, useSaved } from '../state/context'

export type Face = 'teaser' | 'search' | 'shared'

const names: Record<Face, string> = {
  teaser: 'As a teaser',
  search: 'Among search results',
  shared: 'As a shared link',
}

/** How the item is seen elsewhere, as the server makes it; as high as it needs to be. */
export function FaceFrame({ face, width }: { face: Face; width?: number }) {
  const { saver } = useBench()
  const revision = useSaved((now) => now.state.revision)
  const frame = useRef<HTMLIFrameElement>(null)
  const [height, setHeight] = useState(80)
  const loaded = useRef(-1)
  const address = `/editor/proof/${saver.key}/faces/${face}`

  function fit() {
    const body = frame.current?.contentDocument?.body
    if (body) setHeight(Math.min(Math.max(40, body.scrollHeight), 900))
  }

  useEffect(() => {
    if (loaded.current < 0 || loaded.current === revision) return
    loaded.current = revision
    fetch(address)
      .then((r) => (r.ok ? r.text() : Promise.reject()))
      .then((html) => {
        const shown = frame.current?.contentDocument
        const page = new DOMParser().parseFromString(html, 'text/html')
        if (!shown?.body) return
        shown.body.replaceWith(shown.adoptNode(page.body))
        for (const img of shown.images) img.addEventListener('load', fit)
        fit()
      })
      .catch(() => {
        // The one before stays; the line at the foot of the bench says that the server does not answer.
      })
  }, [revision, address])

  return (
    <figure className="grid w-full gap-1" style={{ maxWidth: width }}>
      <figcaption className="font-semibold">{names[face]}</figcaption>
      <iframe
        ref={frame}
        title={names[face]}
        src={address}
        tabIndex={-1}
        onLoad={() => {
          loaded.current = revision
          fit()
        }}
        style={{ height }}
        className="w-full border border-line bg-sheet"
      />
    </figure>
  )
}
