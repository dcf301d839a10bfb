import { useEffect, useState } from 'react'
import { answer, client } from '../../shared/api/client'
import type { Toolset, Writing } from '../../shared/api/types'
import { Sheet, SheetAlone, type Sources } from '../../sheet'

const TEXT = `<h2>A text to try the tools on</h2>
<p>Write here, and press what you like: nothing of it is kept. A <strong>bold</strong> word stands for what was there before.</p>
<ul>
<li>One thing</li>
<li>And another</li>
</ul>`

const sources: Sources = {
  takePicture: () => Promise.reject(new Error('A sample takes no pictures in.')),
  frameOf: (given) => answer(client.GET('/editor/api/writing/embed', { params: { query: { given } } })),
  slug: async (words) => (await answer(client.GET('/editor/api/writing/slug', { params: { query: { words } } }))).text,
  latest: async () => [],
}

const language = {
  language: 'en',
  direction: 'ltr',
  quotes: { openDouble: '“', closeDouble: '”', openSingle: '‘', closeSingle: '’' },
}

/** A sheet with the toolset as it is on the screen, to be tried before it is kept. */
export function Sample({ toolset, writing }: { toolset: Toolset; writing: Writing }) {
  const [sheet] = useState(() => new Sheet(TEXT, language, writing, sources))
  useEffect(() => sheet.offer(toolset), [sheet, toolset])
  return (
    <section aria-label="Try it" className="grid gap-1">
      <h3 className="font-semibold">Try it</h3>
      <SheetAlone sheet={sheet} height="h-96" not="That belongs to an item, and a sample is none." />
    </section>
  )
}
