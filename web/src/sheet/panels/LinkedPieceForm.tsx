import { Button } from '../../shared/ui/Button'
import type { PanelProps } from './props'

/** A snippet that is kept elsewhere: it can become a part of this text, and then no longer follows. */
export function LinkedPieceForm({ node, pos, host }: PanelProps) {
  const piece = host.pieceNamed(node.attrs.key)
  return (
    <div className="grid gap-2">
      <p>
        {piece ? `“${piece.name}” is kept in one place. ` : ''}Readers see here what it holds at the time; to change it,
        change the snippet.
      </p>
      {piece && (
        <p>
          <Button onClick={() => host.unlink(pos)}>Make it a copy</Button>
        </p>
      )}
    </div>
  )
}
