import { DOMParser, DOMSerializer, type Node, type ParseRule } from 'prosemirror-model'
import { Plugin } from 'prosemirror-state'
import { kindEntries } from '../blocks/kinds'
import { readTable } from '../blocks/table'
import { filled, fragment, readBlock, reading } from '../model/read'
import { schema } from '../model/schema'
import { writeBlock } from '../model/write'
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

const serializer = new DOMSerializer(
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
      handlePaste: (view, event) => {
        const text = event.clipboardData?.getData('text/plain').trim() ?? ''
        const { selection } = view.state
        const { $from, empty } = selection
        if (/^<iframe\b[^>]*>/i.test(text)) {
          embed(text)
          return true
        }
        const found = text.length <= 4000 && !/\s/.test(text) ? addressBefore(text) : null
        if (found?.words !== text) return false
        if (empty && $from.parent.type.name === 'paragraph' && !$from.parent.content.size && isEmbedHost(found.href)) {
          embed(text)
          return true
        }
        if (!$from.parent.inlineContent || $from.parent.type.spec.code || !$from.sameParent(selection.$to)) return false
        const mark = schema.mark('link', { href: found.href })
        const tr = view.state.tr
        if (empty) tr.replaceSelectionWith(schema.text(text, mark.addToSet($from.marks())), false)
        else tr.removeMark(selection.from, selection.to, schema.marks.link).addMark(selection.from, selection.to, mark)
        view.dispatch(tr.removeStoredMark(schema.marks.link).scrollIntoView())
        return true
      },
    },
  })
}
