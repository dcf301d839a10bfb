import type { OwnField } from '../../shared/api/types'

/** Plain data, as values of fields are kept. */
export type Value = unknown

/** What the editor of a field is given. */
export interface EditorProps {
  field: OwnField
  value: Value
  /** Sets the value; undefined for none. */
  set: (next: Value) => void
  /** What is wrong with it, as the server last said. */
  problem: string
  /** The name by which somebody is led to it. */
  lead: string
  /** What it falls back on, where it is a text. */
  placeholder?: string
}

/** A text, or an empty one where the value is something else. */
export function text(value: Value): string {
  return typeof value === 'string' ? value : typeof value === 'boolean' ? String(value) : ''
}

/** A list of texts. */
export function texts(value: Value): string[] {
  return Array.isArray(value) ? value.filter((v) => typeof v === 'string') : text(value) ? [text(value)] : []
}

/** A list of names with texts. */
export function rows(value: Value): Record<string, string>[] {
  return Array.isArray(value) ? value.filter((v) => v && typeof v === 'object') : []
}

/** Names with texts. */
export function pairs(value: Value): Record<string, string> {
  return value && typeof value === 'object' && !Array.isArray(value) ? (value as Record<string, string>) : {}
}
