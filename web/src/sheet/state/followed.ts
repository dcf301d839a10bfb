import type { Node } from 'prosemirror-model'
import type { EditorState, Transaction } from 'prosemirror-state'
import { Mapping } from 'prosemirror-transform'
import { difference } from './changes'

/**
 * A text as it stood when somebody was asked to change it, and where its places have gone since. The answer is about
 * the text as it stood; it is put into the text as it stands, with everything that was typed meanwhile.
 */
export class Followed {
  private readonly since = new Mapping()

  constructor(private readonly before: Node) {}

  /** Notes a change that came while one waits. */
  note(tr: Transaction) {
    this.since.appendMapping(tr.mapping)
  }

  /**
   * The change that makes the text what it was asked to become; null where nothing is to change, and undefined where
   * somebody has changed that very passage meanwhile.
   */
  into(now: EditorState, html: string): Transaction | null | undefined {
    const found = difference(this.before, html)
    if (!found) return null
    const from = this.since.mapResult(found.from, 1)
    const to = this.since.mapResult(found.to, -1)
    const whole = to.pos - from.pos === found.to - found.from
    if (!whole || from.deletedAcross || to.deletedAcross) return undefined
    try {
      const tr = now.tr.replace(from.pos, to.pos, found.slice)
      tr.doc.check()
      return tr
    } catch {
      return undefined
    }
  }
}
