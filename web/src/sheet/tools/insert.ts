import { kindEntries } from '../blocks/kinds'
import { type BlockSpec, families, type Insert } from '../blocks/spec'
import { insertBlock, toggleBox } from '../commands/blocks'
import { around } from '../commands/text'
import { schema } from '../model/schema'
import type { Tool } from './tool'

const order = Object.keys(families)

/** The tool that puts a block in, as its kind describes it. */
function toolOf(spec: BlockSpec, insert: Insert): Tool {
  const { id, name, about, family, keys, words, make, wraps, ask } = insert
  const tool: Tool = {
    id,
    name,
    group: 'insert',
    keys,
    words,
    ask,
    menus: { insert: 1 + order.indexOf(family) },
    insert: { family, about, sign: spec.sign },
  }
  if (make) tool.command = (state, dispatch) => insertBlock(make(schema))(state, dispatch)
  if (wraps) {
    tool.command = toggleBox(wraps)
    tool.on = (state) => !!around(state, schema.nodes[wraps])
  }
  return tool
}

/** Tools that put something into the text, made from what each kind of block says of itself. */
export const insertTools: Tool[] = kindEntries
  .flatMap(([, spec]) => (spec.inserts ?? []).map((insert) => toolOf(spec, insert)))
  .sort((a, b) => (a.menus?.insert ?? 0) - (b.menus?.insert ?? 0))
