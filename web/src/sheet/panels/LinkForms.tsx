import { useState } from 'react'
import { Input } from '../../shared/ui/Field'
import { judgeAddress } from '../links/targets'
import type { PanelProps } from './props'

/** The words of a link to a file. */
export function DownloadForm({ node, set }: PanelProps) {
  return (
    <Input
      label="Words of the link"
      hint={`${node.attrs.asset.replace('../assets/', '')}. The page adds its kind and size.`}
      value={node.attrs.label}
      onChange={(e) => set({ label: e.target.value })}
    />
  )
}

/** Where a button leads, and what is on it. */
export function ButtonForm({ node, set }: PanelProps) {
  const { href, label, newTab } = node.attrs
  const [given, setGiven] = useState<string>(href)
  const [problem, setProblem] = useState('')

  async function take() {
    const judged = await judgeAddress(given)
    setProblem(judged.problem ?? '')
    if (!judged.problem) set({ href: judged.address })
  }

  return (
    <div className="grid gap-4 @md:grid-cols-2">
      <Input label="Words on the button" value={label} onChange={(e) => set({ label: e.target.value })} />
      <Input label="Address" value={given} problem={problem} onChange={(e) => setGiven(e.target.value)} onBlur={take} />
      <label className="flex items-center gap-2">
        <input type="checkbox" checked={newTab} onChange={(e) => set({ newTab: e.target.checked })} />
        Opens a new tab, and says so
      </label>
    </div>
  )
}
