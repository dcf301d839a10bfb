import { useState } from 'react'
import { answer, client } from '../shared/api/client'
import { useRefresh } from '../shared/api/queries'
import { Button } from '../shared/ui/Button'
import { download } from '../shared/ui/download'

/** The set-up as one file of YAML, to be kept, read, or given to another site. */
export function SetUpFile() {
  const refresh = useRefresh()
  const [file, setFile] = useState<File | null>(null)
  const [told, setTold] = useState<string[]>([])
  const [problem, setProblem] = useState('')

  async function bring() {
    if (!file) return
    setProblem('')
    setTold([])
    try {
      const { changed, unknown } = await answer(
        client.POST('/editor/api/set-up/file', { body: { yaml: await file.text() } }),
      )
      setTold([
        `Changed: ${changed.join(', ')}.`,
        unknown.length
          ? `Not known, and left aside: ${unknown.map((u) => `“${u}”`).join(', ')}.`
          : 'Everything in the file was known.',
      ])
      setFile(null)
      await refresh()
    } catch (error) {
      setProblem((error as Error).message)
    }
  }

  return (
    <section aria-label="The set-up as a file" className="grid grid-cols-[minmax(0,1fr)] gap-3">
      <h2 className="font-semibold font-serif text-large">The set-up as a file</h2>
      <p className="max-w-3xl text-soft">
        One file of YAML with everything that is set up here, but for people and sections. Brought in, each part in it
        holds from then on: kinds, toolsets, outlines and snippets of the same name are changed and others stay; merge
        fields, reference links, hosts and house style are replaced as a whole. Parts it does not name stay as they are.
      </p>
      <p>
        <Button onClick={() => download('/editor/api/set-up/file')}>Download the set-up</Button>
      </p>
      <div className="flex flex-wrap items-center gap-3">
        <label className="flex min-w-0 max-w-full flex-wrap items-center gap-2">
          <span className="font-semibold">A set-up’s file</span>
          <input
            type="file"
            accept=".yaml,.yml,application/yaml"
            className="min-w-0 max-w-full"
            onChange={(e) => setFile(e.target.files?.[0] ?? null)}
          />
        </label>
        <Button look="main" onClick={bring} blocked={file ? '' : 'Choose a file first.'}>
          Bring the set-up in
        </Button>
      </div>
      {problem && (
        <p role="alert" className="text-rust">
          {problem} Nothing was changed.
        </p>
      )}
      <div role="status">
        {told.map((t) => (
          <p key={t}>{t}</p>
        ))}
      </div>
    </section>
  )
}
