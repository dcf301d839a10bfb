import type { Node } from 'prosemirror-model'
import type { Asset, Embedding, OfferedField, Writing, WritingLanguage } from '../../shared/api/types'

/** A ready-made piece that can be linked. */
export interface Piece {
  key: string
  name: string
  body: string
}

/** What the sheet must be told by the server while it shows things. */
export interface Sources {
  /** Which frame shows an address, and where a host is not on the site's list, why. */
  frameOf: (address: string) => Promise<Pick<Embedding, 'frame' | 'problem'>>
  /** The titles of the latest items that a list shows to readers now, without the item that is open. */
  latest: (section: string, topic: string, count: number) => Promise<string[]>
  /** Makes an asset of a picture that lies on another site. */
  takePicture: (address: string) => Promise<Asset>
  /** A short name made of some words. */
  slug: (words: string) => Promise<string>
}

/**
 * What the views and panels of blocks may ask of the sheet they stand on. They know no more of it, so that
 * a kind of block can be understood, and tested, by itself.
 */
export interface SheetHost {
  /** The language the text is written in. */
  readonly writingLanguage: WritingLanguage
  /** What the site gives a writer: palette, fonts, styles, hosts. */
  readonly writing: Writing
  readonly sources: Sources
  /** The text as it stands. */
  doc(): Node
  /** Takes pictures of other sites, by their addresses, into Assets. */
  takeIn(addresses: string[]): Promise<void>
  /** Keeps pictures on the other sites they lie on. */
  keepThere(addresses: string[]): void
  /** What a placeholder is filled with now; nothing where there is none of that name, or nothing is known yet. */
  fieldNamed(name: string): OfferedField | undefined
  /** Whether it is known which placeholders there are. */
  readonly knowsFields: boolean
  /** Tells a listener whenever that changes; gives back how to end it. */
  followFields(listener: () => void): () => void
  /** A ready-made piece that is linked, as far as it may be seen. */
  pieceNamed(key: string): Piece | undefined
  /** Tells a listener whenever pieces change; gives back how to end it. */
  followPieces(listener: () => void): () => void
  /** Makes the linked piece at a position a part of the text. */
  unlink(pos: number): void
  /** Gives the keyboard back to the text. */
  focus(): void
  /** What is wrong with a name for a place, in a sentence; empty when nothing is. */
  targetProblem(name: string, own: string): string
  /** Gives a place another name; links of this text follow it. */
  renameTarget(old: string, given: string, pos: number): void
  /** The name of the place at a position; a heading without one gets one. */
  nameTarget(pos: number): Promise<string>
}
