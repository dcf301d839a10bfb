import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react'

import { useSheet } from '../../sheet'
import { rows } from '../own/props'
import { useSaved } from '../state/context'
import { sideTold } from './side'
import { scrollTogether } from './together'

interface Props {
  itemKey: string
  revision: number
  name: string
  /** The page itself, or as it comes out on paper. */
  face: 'page' | 'print'
  width: number
  /** Its part of the room, beside others. */
  share: number
  /** Whether the sheet stands beside it, and scrolls with it. */
  beside: boolean
}

/** The line around a frame, in pixels; the page inside has the whole width it is shown at. */
const BORDER = 1

/** The server's page in a frame of one width, scaled to the room there is, with its scale shown. */
export function ProofFrame({ itemKey, revision, name, face, width, share, beside }: Props) {
  const sheet = useSheet()
  const address = `/editor/proof/${itemKey}${face === 'print' ? '?face=print' : ''}`
  const [shown, setShown] = useState(false)
  const room = useRef<HTMLDivElement>(null)
  const frame = useRef<HTMLIFrameElement>(null)
  const loaded = useRef(-1)
  const [size, setSize] = useState({ scale: 1, height: 600 })
  const [problem, setProblem] = useState('')
  const [side, setSide] = useState('')
  const wantsSide = useSaved((now) => rows((now.fields.values as Record<string, unknown>)?.['side.parts']).length > 0)

  useLayoutEffect(() => {
    const place = room.current
    if (!place) return
    const fit = () => {
      const scale = Math.min(1, place.clientWidth / (width + 2 * BORDER))
      setSize({ scale, height: place.clientHeight / scale - 2 * BORDER })
    }
    fit()
    const watch = new ResizeObserver(fit)
    watch.observe(place)
    return () => watch.disconnect()
  }, [width])

  /** Puts the new page in the place of the old one without losing the reader's place in it. */
  const refresh = useCallback(async () => {
    try {
      const response = await fetch(address)
      if (!response.ok) throw new Error()
      const page = new DOMParser().parseFromString(await response.text(), 'text/html')
      const shown = frame.current?.contentDocument
      if (!shown?.body) return
      shown.title = page.title
      shown.body.replaceWith(shown.adoptNode(page.body))
      setSide(sideTold(shown, wantsSide))
      setProblem('')
    } catch {
      setProblem('The proof could not be fetched; it shows an earlier text.')
    }
  }, [address, wantsSide])

  useEffect(() => {
    if (loaded.current >= 0 && loaded.current !== revision) {
      loaded.current = revision
      refresh()
    }
  }, [revision, refresh])

  useEffect(() => {
    if (shown && beside && frame.current) return scrollTogether(sheet, frame.current)
  }, [shown, beside, sheet])

  function onLoad() {
    setShown(true)
    // The frame may have begun to load before the latest save.
    if (loaded.current !== revision && loaded.current >= 0) refresh()
    loaded.current = revision
    const page = frame.current?.contentDocument
    if (page) setSide(sideTold(page, wantsSide))
    // A proof is looked at; its links lead nowhere.
    frame.current?.contentDocument?.addEventListener('click', (e) => {
      if ((e.target as Element).closest('a[href]:not([href^="#"])')) e.preventDefault()
    })
  }

  const percent = Math.round(size.scale * 100)
  return (
    <figure className="flex min-w-0 flex-col" style={{ flex: `${share} 1 0`, maxWidth: width + 2 * BORDER }}>
      <figcaption className="pb-1.5 text-soft">
        {name}, {width} pixels{percent < 100 && `, at ${percent} %`}
        {side && <span className="text-pencil"> ◇ {side}</span>}
        {problem && (
          <span role="alert" className="text-rust">
            {' '}
            {problem}
          </span>
        )}
      </figcaption>
      <div ref={room} className="min-h-0 flex-1 overflow-hidden">
        <iframe
          ref={frame}
          title={`Proof, ${name.toLowerCase()}`}
          src={address}
          onLoad={onLoad}
          style={{ width, height: size.height, transform: `scale(${size.scale})`, transformOrigin: '0 0' }}
          className="box-content border border-line bg-sheet"
        />
      </div>
    </figure>
  )
}
