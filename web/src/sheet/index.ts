/**
 * The writing surface as a module of its own. This is all that the places of the application know of it;
 * the README introduces its ideas in reading order.
 */
export type { PlaceAsk } from './base/ask'
export type { Sources } from './base/host'
export { offerWords } from './base/offers'
export { asShown } from './base/shown'
export { nameOf, specOf, wordsOf } from './blocks/kinds'
export { moveBlocks, sectionLength } from './commands/blocks'
export { atPath, topBlocks } from './model/paths'
export { isVoid } from './model/write'
export { BlockSettings, useOpenSettings } from './place/BlockSettings'
export { SheetPlace } from './place/SheetPlace'
export { offerBy } from './plugins/toolset'
export { backToText } from './state/backToText'
export { SheetContext, useSheet } from './state/context'
export { Sheet } from './state/Sheet'
export { useSettledDoc } from './state/useSettledDoc'
export { runTool } from './strip/useTool'
export { keyNow } from './tools/ownKeys'
export { told, tools } from './tools/registry'
export { placeable, startingGroups } from './tools/stripGroups'
export { isIn } from './tools/tool'
