import { answer, client, Problem, Unreachable } from '../../shared/api/client'
import type { ContentInput, ItemContent, ItemState, ItemView } from '../../shared/api/types'
import { type Backup, backup, dropBackup } from './backup'

/** Does something when nothing else is to be done, but no later than this; not every browser can tell. */
const whenIdle = (task: () => void, timeout: number): number =>
  'requestIdleCallback' in window ? requestIdleCallback(task, { timeout }) : setTimeout(task, 50)
const forget = (idle: number) => ('cancelIdleCallback' in window ? cancelIdleCallback(idle) : clearTimeout(idle))

/** What is written apart from the text itself, which the sheet holds. */
export type Fields = Omit<ContentInput, 'body'>

export interface Conflict {
  theirs: ItemContent
  theirRevision: number
  changedBy: string
  mine: ContentInput
}

export type SaveStatus =
  | { is: 'saved' }
  | { is: 'unsaved' }
  | { is: 'unreachable' }
  | { is: 'signed-out' }
  | { is: 'refused'; why: string }
  | { is: 'conflict'; conflict: Conflict }

export interface Snapshot {
  fields: Fields
  state: ItemState
  status: SaveStatus
  /** When the server last confirmed everything. */
  savedAt: Date
  /** Said once after an unsaved text was brought back. */
  broughtBack: boolean
}

/** Typing is sent after a pause this long, and after the longer time even without a pause. */
const PAUSE = 350
const LONGEST = 900
const RETRY = 2000

/**
 * Keeps what is written. Every change is noted in the browser at once and sent to the server after a
 * short pause; nothing is forgotten until the server has confirmed it.
 */
export class Saver {
  private now: Snapshot
  private readonly listeners = new Set<() => void>()
  private body: () => string
  private dirty = false
  private sent: ContentInput[] = []
  private firstDirty = 0
  private timer: ReturnType<typeof setTimeout> | undefined
  private noting = 0
  private running: Promise<void> | null = null

  constructor(item: ItemView, body: () => string) {
    this.body = body
    this.now = {
      fields: fieldsOf(item),
      state: item.state,
      status: { is: 'saved' },
      savedAt: new Date(item.state.changed.at),
      broughtBack: false,
    }
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  snapshot = (): Snapshot => this.now

  private set(part: Partial<Snapshot>) {
    this.now = { ...this.now, ...part }
    for (const listener of this.listeners) listener()
  }

  get key(): string {
    return this.now.state.key
  }

  content(): ContentInput {
    return { ...this.now.fields, body: this.body() }
  }

  /** Changes fields beside the text. */
  change(part: Partial<Fields>) {
    this.set({ fields: { ...this.now.fields, ...part } })
    this.touch()
  }

  /** Notes that something changed. */
  touch() {
    if (!this.dirty) this.firstDirty = Date.now()
    this.dirty = true
    if (this.now.status.is === 'saved') this.set({ status: { is: 'unsaved' } })
    // Between two keys, not in the way of one.
    this.noting ||= whenIdle(() => this.note(), 400)
    if (this.now.status.is === 'conflict' || this.now.status.is === 'signed-out') return
    const left = Math.max(0, LONGEST - (Date.now() - this.firstDirty))
    this.schedule(Math.min(PAUSE, left))
  }

  private note() {
    forget(this.noting)
    this.noting = 0
    if (this.dirty) backup(this.key, { revision: this.now.state.revision, content: this.content(), sent: this.sent })
  }

  private schedule(wait: number) {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => whenIdle(() => this.flush(), 200), wait)
  }

  /** Sends what has not been sent; done when the server has it, or has said why not. */
  async flush(): Promise<boolean> {
    clearTimeout(this.timer)
    while (this.running) await this.running
    if (!this.dirty) return this.now.status.is === 'saved'
    this.running = this.send().finally(() => {
      this.running = null
    })
    await this.running
    return !this.dirty && this.now.status.is === 'saved'
  }

  private async send() {
    const content = this.content()
    this.dirty = false
    this.sent = [...this.sent, content].slice(-3)
    try {
      const state = await this.put(content)
      this.sent = []
      if (!this.dirty) dropBackup(this.key)
      this.set({
        state: sharing(this.now.state, state),
        status: { is: this.dirty ? 'unsaved' : 'saved' },
        savedAt: new Date(),
      })
      if (this.dirty) this.schedule(PAUSE)
    } catch (error) {
      this.dirty = true
      this.note()
      this.failed(error, content)
    }
  }

  private put(content: ContentInput, keepalive = false): Promise<ItemState> {
    return answer(
      client.PUT('/editor/api/items/{key}', {
        params: { path: { key: this.key } },
        body: { revision: this.now.state.revision, content },
        keepalive,
      }),
    )
  }

  private failed(error: unknown, mine: ContentInput) {
    if (error instanceof Problem && error.status === 401) this.set({ status: { is: 'signed-out' } })
    else if (error instanceof Problem && error.status === 409 && error.details.theirs)
      this.meet({ ...(error.details as unknown as Conflict), mine })
    else if (error instanceof Problem && error.status < 500) this.set({ status: { is: 'refused', why: error.message } })
    else {
      this.set({ status: { is: 'unreachable' } })
      this.schedule(error instanceof Unreachable ? RETRY : RETRY * 2)
    }
  }

  /**
   * Two texts. Where theirs is what this window sent itself, and left before it was confirmed, there
   * is nothing to choose: writing goes on from there.
   */
  private async meet(conflict: Conflict) {
    const theirs = parts(conflict.theirs, '')
    if (!this.sent.some((own) => parts(own, '') === theirs)) {
      return this.set({ status: { is: 'conflict', conflict } })
    }
    const { state } = await answer(client.GET('/editor/api/items/{key}', { params: { path: { key: this.key } } }))
    this.set({ state, status: { is: 'unsaved' } })
    this.flush()
  }

  /** Goes on after somebody signed in again. */
  resume() {
    this.set({ status: { is: 'unsaved' } })
    this.flush()
  }

  /** Takes over what the server says after it changed the item itself. */
  adopt(item: ItemView) {
    this.dirty = false
    clearTimeout(this.timer)
    dropBackup(this.key)
    this.set({ fields: fieldsOf(item), state: item.state, status: { is: 'saved' }, savedAt: new Date() })
  }

  /** Takes over how the item stands, with the text as it is. */
  adoptState(state: ItemState) {
    this.set({
      state,
      fields: { ...this.now.fields, slug: state.placement.slugByHand ? state.placement.slug : undefined },
    })
  }

  /** Goes on with a text that was left over. */
  bringBack(left: Backup) {
    const { body: _, ...fields } = left.content
    this.sent = left.sent ?? []
    this.set({
      // What was noted by an older page may lack a field.
      fields: { ...this.now.fields, ...fields },
      broughtBack: true,
      state: { ...this.now.state, revision: left.revision },
      status: { is: 'unsaved' },
    })
    this.touch()
  }

  /** Called when the page goes away: notes the rest, and sends it if it is short enough for that. */
  leave = () => {
    if (!this.dirty || this.now.status.is === 'conflict') return
    this.note()
    const content = this.content()
    if (content.body.length < 50_000) {
      this.put(content, true).catch(() => {})
    }
  }
}

/** The new state with every part of the old one that says the same, so that nobody draws it again. */
function sharing(was: ItemState, next: ItemState): ItemState {
  const out = { ...next }
  for (const key of Object.keys(next) as (keyof ItemState)[]) {
    if (JSON.stringify(was[key]) === JSON.stringify(next[key])) Object.assign(out, { [key]: was[key] })
  }
  return out
}

function fieldsOf(item: ItemView): Fields {
  const { body: _, slug, ...fields } = item.content
  return { ...fields, slug: item.state.placement.slugByHand ? slug : undefined }
}

/** Whether the server already has what was noted in the browser. */
export function isKept(left: Backup, item: ItemView): boolean {
  return parts(left.content, item.state.placement.slug) === parts(item.content, item.state.placement.slug)
}

/** What is written, to be compared; white space counts as HTML counts it. */
function parts(c: ContentInput, slug: string): string {
  const body = c.body.replace(/[ \t\r\n\f]+/g, ' ')
  return JSON.stringify([
    c.title.trim(),
    c.summary.trim(),
    body,
    c.section,
    c.topics,
    c.keywords,
    slug && (c.slug ?? slug),
    c.leadPicture,
    c.language,
  ])
}
