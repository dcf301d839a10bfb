import { useState } from 'react'
import { Input } from '../../shared/ui/Field'
import type { PanelProps } from './props'

/** The name of a place that links lead to. */
export function JumpForm({ node, pos, host }: PanelProps) {
  const [name, setName] = useState<string>(node.attrs.anchor)
  const problem = name === node.attrs.anchor ? '' : host.targetProblem(name, node.attrs.anchor)
  return (
    <Input
      label="Name"
      hint="Links in this text that lead here follow a new name."
      value={name}
      problem={problem}
      onChange={(e) => setName(e.target.value.trim())}
      onBlur={() => !problem && name && host.renameTarget(node.attrs.anchor, name, pos)}
    />
  )
}
