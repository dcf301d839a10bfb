import { DOMParser, DOMSerializer, type Fragment, type Node, type ParseRule } from 'prosemirror-model'
import { Plugin } from 'prosemirror-state'
import type { EditorView } from 'prosemirror-view'
import { kindEntries } from '../blocks/kinds'
import { readTable } from '../blocks/table'
import { filled, fragment, readBlock, reading } from '../model/read'
import { schema } from '../model/schema'
import { writeBlock } from '../model/write'
import { offers } from './toolset'
import { addressBefore } from './typing'

/** Blocks that go to the clipboard as the HTML they are stored as, and come back from it. */
const whole = kindEntries.filter(([, spec]) => spec.whole)

/** A block read as stored HTML; what only looks like one is left to the other rules. */
function ownRule(name: string, tag: string): ParseRule {
  const read = (e: HTMLElement): Node | null => {
    try {
      const made = readBlock(e)
      made.check()
      return made.type.name === name ? made : null
    } catch {
      return null
    }
  }
  return {
    tag,
    node: name,
    priority: 80,
    getAttrs: (e) => read(e)?.attrs ?? false,
    getContent: (e) => (read(e as HTMLElement) as Node).content,
  }
}

/** An element without a class of ours could be anybody's. */
function ownTag(tag: string): string {
  const own: Record<string, string> = { aside: 'aside.callout', form: 'form.contact-form', figure: 'figure.picture' }
  return own[tag] ?? tag
}

const parser: DOMParser = new DOMParser(schema, [
  ...whole.flatMap(([name, spec]) => spec.tags.map((tag) => ownRule(name, ownTag(tag)))),
  {
    tag: 'table:not([data-cells])',
    node: 'table_block',
    priority: 80,
    getAttrs: (e) => foreignTable(e)?.attrs ?? false,
    getContent: (e) => (foreignTable(e as HTMLElement) as Node).content,
  },
  { tag: 'blockquote', node: 'quote', getContent: (e) => quoteOf(e as HTMLElement) },
  { tag: 'template, script, style, title, meta', ignore: true },
  ...DOMParser.fromSchema(schema).rules,
])

function cellsOf(cell: Element): Node[] {
  return filled([...parser.parse(cell).children].filter((n) => n.content.size || n.isAtom))
}

function foreignTable(e: HTMLElement): Node | null {
  const table = e as HTMLTableElement
  return table.rows.length ? readTable(table, reading, cellsOf) : null
}

function quoteOf(e: HTMLElement) {
  const quoted = schema.node('quoted', null, cellsOf(e))
  return schema.node('quote', null, [quoted, schema.node('attribution')]).content
}

const plain = DOMSerializer.fromSchema(schema)

/** What is copied here says so, so that only that is taken back by the browser itself. */
const OWN = 'data-blenner'

class MarkingSerializer extends DOMSerializer {
  serializeFragment(fragment: Fragment, options?: { document?: Document }, target?: HTMLElement | DocumentFragment) {
    const made = super.serializeFragment(fragment, options, target)
    if (!target && made.firstChild instanceof HTMLElement) made.firstChild.setAttribute(OWN, '')
    return made
  }
}

/** Tables within tables beyond this keep a browser busy for ever; nobody copies such a thing here. */
const DEEPEST_TABLES = 5

/** Whether HTML was copied here, and can be read at once. */
export function isOwn(html: string): boolean {
  if (!html.includes(OWN) || !html.includes('data-pm-slice') || html.length > 20_000_000) return false
  let depth = 0
  for (const tag of html.matchAll(/<(\/?)table\b/gi)) {
    depth += tag[1] ? -1 : 1
    if (depth > DEEPEST_TABLES) return false
  }
  return true
}

const serializer = new MarkingSerializer(
  {
    ...plain.nodes,
    ...Object.fromEntries(
      [...whole.map(([name]) => name), 'table_block'].map((name) => [
        name,
        (node: Node) => fragment(writeBlock(node)).firstElementChild as HTMLElement,
      ]),
    ),
  },
  plain.marks,
)

/** What the clipboard takes and gives, and addresses pasted as what they are meant for. */
export function clipboard(embed: (code: string) => void, isEmbedHost: (address: string) => boolean): Plugin {
  return new Plugin({
    props: {
      clipboardParser: parser,
      clipboardSerializer: serializer,
      handleDOMEvents: {
        paste: (view, event) => {
          const done = taken(view, event)
          if (done) event.preventDefault()
          return done
        },
      },
    },
  })

  function taken(view: EditorView, event: ClipboardEvent): boolean {
    const text = event.clipboardData?.getData('text/plain').trim() ?? ''
    const { selection } = view.state
    const { $from, empty } = selection
    if (/^<iframe\b[^>]*>/i.test(text) && offers(view.state, 'embed')) {
      embed(text)
      return true
    }
    const found = text.length <= 4000 && !/\s/.test(text) ? addressBefore(text) : null
    if (found?.words !== text) return false
    if (
      empty &&
      $from.parent.type.name === 'paragraph' &&
      !$from.parent.content.size &&
      isEmbedHost(found.href) &&
      offers(view.state, 'embed')
    ) {
      embed(text)
      return true
    }
    if (!offers(view.state, 'link')) return false
    if (!$from.parent.inlineContent || $from.parent.type.spec.code || !$from.sameParent(selection.$to)) return false
    const mark = schema.mark('link', { href: found.href })
    const tr = view.state.tr
    if (empty) tr.replaceSelectionWith(schema.text(text, mark.addToSet($from.marks())), false)
    else tr.removeMark(selection.from, selection.to, schema.marks.link).addMark(selection.from, selection.to, mark)
    view.dispatch(tr.removeStoredMark(schema.marks.link).scrollIntoView())
    return true
  }
}
