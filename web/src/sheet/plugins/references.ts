import type { Node } from 'prosemirror-model'
import { Plugin, PluginKey } from 'prosemirror-state'
import { Decoration, DecorationSet, type EditorView } from 'prosemirror-view'
import { answer, client } from '../../shared/api/client'
import type { FoundReference } from '../../shared/api/types'

/** How long somebody has to rest before the codes are looked for, in milliseconds. */
const REST = 600

const key = new PluginKey<DecorationSet>('references')

interface Piece {
  text: string
  pos: number
}

/** The pieces of text in which the site looks for codes: none of code, none that is linked already. */
function pieces(doc: Node): Piece[] {
  const out: Piece[] = []
  doc.descendants((node, pos) => {
    if (node.type.spec.code) return false
    const apart = node.marks.some((m) => m.type.name === 'link' || m.type.name === 'code')
    if (node.isText && node.text && !apart) out.push({ text: node.text, pos })
    return true
  })
  return out
}

/** Shows which codes of the text will be links for readers, as the server finds them. */
export function references(): Plugin<DecorationSet> {
  const known = new Map<string, FoundReference[]>()
  return new Plugin<DecorationSet>({
    key,
    state: {
      init: () => DecorationSet.empty,
      apply: (tr, was) => tr.getMeta(key) ?? was.map(tr.mapping, tr.doc),
    },
    props: { decorations: (state) => key.getState(state) },
    view: (view) => {
      const looking = new Looking(view, known)
      return { update: (_, before) => looking.changed(before.doc), destroy: () => looking.end() }
    },
  })
}

class Looking {
  private timer = 0
  /** Whether the site has any; asked once for a sheet. */
  private any: Promise<boolean> | null = null
  private ended = false

  constructor(
    private readonly view: EditorView,
    private readonly known: Map<string, FoundReference[]>,
  ) {
    this.later()
  }

  changed(before: Node) {
    if (!before.eq(this.view.state.doc)) this.later()
  }

  end() {
    this.ended = true
    clearTimeout(this.timer)
  }

  private later() {
    clearTimeout(this.timer)
    this.timer = window.setTimeout(() => this.look(), REST)
  }

  private async look() {
    this.any ??= answer(client.GET('/editor/api/reference-links')).then(
      ({ links }) => links.length > 0,
      () => false,
    )
    if (!(await this.any) || this.ended) return
    const asked = [...new Set(pieces(this.view.state.doc).map((p) => p.text))].filter((t) => !this.known.has(t))
    if (asked.length) {
      try {
        const found = await answer(client.POST('/editor/api/reference-links/found', { body: { texts: asked } }))
        for (const [i, text] of asked.entries()) this.known.set(text, found[i] ?? [])
      } catch {
        // The codes are links all the same; only their look here waits for the next change.
        return
      }
    }
    // A composition must not be disturbed; the next change looks again.
    if (this.ended || this.view.composing) return
    const { doc, tr } = this.view.state
    const chips = pieces(doc).flatMap(({ text, pos }) =>
      (this.known.get(text) ?? []).map((f) =>
        Decoration.inline(pos + f.from, pos + f.to, {
          class: 'reference',
          title: `${f.name}: a link to ${f.address} for readers`,
        }),
      ),
    )
    const now = key.getState(this.view.state)
    if (!chips.length && !now?.find().length) return
    this.view.dispatch(tr.setMeta(key, DecorationSet.create(doc, chips)).setMeta('addToHistory', false))
  }
}
