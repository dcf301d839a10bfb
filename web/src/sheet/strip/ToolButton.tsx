import { Toolbar } from 'radix-ui'
import type { ReactNode, Ref } from 'react'
import { cx } from '../../shared/ui/cx'
import { Tip } from '../../shared/ui/Tip'
import { keyNow } from '../tools/ownKeys'
import { told } from '../tools/registry'
import { useTool } from './useTool'

/** One tool in a strip: its sign, its name and key on hover and focus, and whether it is on. */
export function ToolButton({ id, children }: { id: string; children: ReactNode }) {
  const { tool, offered, on, can, run } = useTool(id)
  if (!offered) return null
  return (
    <StripButton name={tool.name} keys={keyNow(tool)} on={on} can={can} run={run}>
      {children}
    </StripButton>
  )
}

interface Props {
  name: string
  keys?: string
  on?: boolean
  can?: boolean
  expanded?: boolean
  run?: () => void
  children: ReactNode
  ref?: Ref<HTMLButtonElement>
}

export function StripButton({ name, keys, on, can = true, expanded, run, children, ref, ...rest }: Props) {
  return (
    <Tip name={name} shortcut={keys && told(keys)}>
      <Toolbar.Button
        {...rest}
        ref={ref}
        aria-label={name}
        aria-keyshortcuts={keys && told(keys).replace('Ctrl', 'Control')}
        aria-pressed={on}
        aria-expanded={expanded}
        aria-disabled={!can || undefined}
        // A press must not take the selection away from the text.
        onMouseDown={(e) => e.preventDefault()}
        onClick={() => can && run?.()}
        className={cx(
          'h-7 min-w-7 shrink-0 whitespace-nowrap rounded-3 px-1.5',
          on ? 'bg-ink text-white' : can ? 'hover:bg-desk' : 'cursor-default text-soft opacity-60',
        )}
      >
        {children}
      </Toolbar.Button>
    </Tip>
  )
}

export function Line() {
  return <Toolbar.Separator className="mx-0.5 h-5 w-px shrink-0 bg-line" />
}
